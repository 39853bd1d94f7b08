<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Shape\Slope;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Step\Instance;
use Heurema\Layout\Words\Turn;
use Heurema\Words\Message;

/** Ramps by the sloping rectangles of their bodies, one after the other, with the landings between them. In mm. */
final readonly class RampMapper
{
    public const TYPES = ['IFCRAMP', 'IFCRAMPFLIGHT'];

    /** Lengths that agree. */
    private const SAME = 10.0;

    /** Two ways lead alike when the sine of the angle between them is no larger. */
    private const ALIKE = 0.01;

    /** A level stretch before or after all runs is a landing when it is no shorter. */
    private const LANDING = 300.0;

    public function __construct(private Model $model) {}

    /**
     * @param list<StoreyDraft> $storeys lowest first
     *
     * @return array<string, mixed>|null as a document writes it; null where it cannot be taken, which is reported
     */
    public function map(Instance $ramp, array $storeys): ?array
    {
        $kept = $this->model->kept->element($ramp);
        if ($kept !== null) {
            $this->model->report->take($ramp);

            return $kept;
        }
        $parts = $this->model->relations->partsOf($ramp);
        $solids = array_merge($this->model->bodies->of($ramp), ...array_map($this->model->bodies->of(...), $parts));
        $runs = RampRuns::of($solids);
        $stretches = $runs === null || $runs === [] ? null : self::parts($runs, $solids);
        $storey = $runs === null || $runs === [] ? null : $storeys[StoreyDraft::under($runs[0]->level, $storeys) ?? 0] ?? null;
        if ($runs === null || $runs === [] || $stretches === null || $storey === null) {
            foreach ([$ramp, ...$parts] as $left) {
                $this->model->report->leaveOut($left, $solids === [] ? Message::of('ifc.no_body') : Message::of('ifc.ramp.shape_not_read'));
            }

            return null;
        }
        foreach ($parts as $part) {
            $this->model->report->take($part);
        }
        $this->model->report->take($ramp);
        $this->model->report->simplify($ramp, Message::of('ifc.ramp.by_runs', count: count($runs)));
        $base = round($runs[0]->level - $storey->elevation, 4);
        [$before, $after] = [$stretches[0], $runs[0]];
        $start = isset($before['landing']['depth']) ? $after->foot->minus($after->way->times($before['landing']['depth'])) : $after->foot;

        return [
            'id' => $this->model->id($ramp),
            'name' => mb_substr($ramp->text('Name') ?? 'Ramp', 0, 200),
            'storey' => $storey->id,
            ...abs($base) < 1.0 ? [] : ['base' => $base],
            'start' => DrawnWall::place($start),
            'facing' => $runs[0]->way->degrees(),
            'width' => round($runs[0]->width, 4),
            'parts' => $stretches,
        ];
    }

    /**
     * @param non-empty-list<Slope> $runs
     * @param list<Solid>           $solids
     *
     * @return list<array{run: array{length: float, rise: float}}|array{landing: array{depth?: float, turn: string, gap?: float}}>|null
     *     null where one run does not lead on to the next
     */
    private static function parts(array $runs, array $solids): ?array
    {
        $landings = self::landings($solids);
        $parts = self::end($landings, $runs[0]->foot, $runs[0]->way->times(-1), $runs[0]->level);
        foreach ($runs as $number => $run) {
            $before = $runs[$number - 1] ?? null;
            $between = $before === null ? [] : self::between($before, $run, $landings);
            if ($between === null) {
                return null;
            }
            array_push($parts, ...$between);
            $parts[] = ['run' => ['length' => round($run->length, 4), 'rise' => round($run->rise, 4)]];
        }
        $last = $runs[count($runs) - 1];

        return [...$parts, ...self::end($landings, $last->head(), $last->way, $last->top())];
    }

    /**
     * The landing over which one comes from one run to the next.
     *
     * @param list<array{list<Ring>, float}> $landings
     *
     * @return list<array{landing: array{depth?: float, turn: string, gap?: float}}>|null
     */
    private static function between(Slope $before, Slope $next, array $landings): ?array
    {
        $off = $next->foot->minus($before->head());
        [$on, $left] = [$before->way->dot($off), $before->way->left()->dot($off)];
        $isApart = abs($next->width - $before->width) > self::SAME || abs($next->level - $before->top()) > self::SAME;
        $turned = $before->way->cross($next->way);
        if ($isApart) {
            return null;
        }
        if (abs($turned) > self::ALIKE) {
            $isSquare = abs(abs($turned) - 1.0) <= self::ALIKE && abs($left - $turned * $before->width / 2) <= self::SAME;
            $depth = round($on + $before->width / 2, 4);

            return $isSquare && $depth > 0.0
                ? [['landing' => ['depth' => $depth, 'turn' => ($turned > 0.0 ? Turn::Left : Turn::Right)->value]]]
                : null;
        }
        if ($before->way->dot($next->way) > 0.0) {
            $isOn = abs($left) <= self::SAME && $on >= -self::SAME;

            return match (true) {
                !$isOn => null,
                $on <= self::SAME => [],
                default => [['landing' => ['depth' => round($on, 4), 'turn' => Turn::None->value]]],
            };
        }
        $gap = abs($left) - $before->width;
        $depth = self::depth($landings, $before->head(), $before->way, $before->top());

        return abs($on) > self::SAME || $gap < -self::SAME ? null : [['landing' => array_filter([
            'depth' => $depth,
            'turn' => ($left > 0.0 ? Turn::BackLeft : Turn::BackRight)->value,
            'gap' => $gap <= self::SAME ? null : round($gap, 4),
        ], static fn(float|string|null $value): bool => $value !== null)]];
    }

    /**
     * A landing before the first run, or after the last.
     *
     * @param list<array{list<Ring>, float}> $landings
     *
     * @return list<array{landing: array{depth: float, turn: string}}>
     */
    private static function end(array $landings, Point $at, Point $way, float $level): array
    {
        $depth = self::depth($landings, $at, $way, $level);

        return $depth === null ? [] : [['landing' => ['depth' => $depth, 'turn' => Turn::None->value]]];
    }

    /**
     * How far level ground of the ramp reaches on from a place.
     *
     * @param list<array{list<Ring>, float}> $landings
     */
    private static function depth(array $landings, Point $at, Point $way, float $level): ?float
    {
        $depth = null;
        $probe = $at->plus($way->times(self::SAME));
        foreach ($landings as [$faces, $height]) {
            $isHere = array_filter($faces, static fn(Ring $face): bool => $face->contains($probe)) !== [];
            if (abs($height - $level) <= self::SAME && $isHere) {
                $corners = array_merge(...array_map(static fn(Ring $face): array => $face->points, $faces));
                $reach = max([0.0, ...array_map(static fn(Point $corner): float => $way->dot($corner->minus($at)), $corners)]);
                $depth = max($depth ?? 0.0, $reach);
            }
        }

        return $depth === null || $depth < self::LANDING ? null : round($depth, 4);
    }

    /**
     * @param list<Solid> $solids
     *
     * @return list<array{list<Ring>, float}> level faces that look up with their heights; those of one body at one height together
     */
    private static function landings(array $solids): array
    {
        $landings = [];
        foreach ($solids as $number => $solid) {
            foreach ($solid->treads() as [$ring, $height]) {
                $key = $number.' '.round($height);
                $landings[$key] = [[...$landings[$key][0] ?? [], $ring], $height];
            }
        }

        return array_values($landings);
    }
}
