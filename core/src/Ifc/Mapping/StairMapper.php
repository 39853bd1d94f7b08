<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Shape\Solid;
use Heurema\Ifc\Step\Instance;
use Heurema\Words\Message;

/**
 * Stairs by their treads: in one line they make a straight flight, around a middle a spiral. Of other shapes nothing is taken but what
 * the file says in figures, for a stair that was guessed would be measured as if it had been drawn.
 */
final readonly class StairMapper
{
    /** How far the treads of a straight flight may lie off its line, mm. */
    private const IN_LINE = 25.0;

    /** How far the middles of the treads of a spiral may lie off their circle, as a share of its radius. */
    private const ROUND = 0.05;

    /** Lengths that agree, mm. */
    private const SAME = 1.0;

    /** Where the tread of a spiral is as deep as a layout tells, mm from its inner side. */
    private const WALKLINE = 304.8;

    public function __construct(private Model $model) {}

    /**
     * @param list<StoreyDraft> $storeys lowest first
     *
     * @return array<string, mixed>|null as a document writes it; null where it cannot be taken, which is reported
     */
    public function map(Instance $stair, array $storeys): ?array
    {
        $kept = $this->model->kept->element($stair);
        if ($kept !== null) {
            $this->model->report->take($stair);

            return $kept;
        }
        $parts = $this->model->relations->partsOf($stair);
        $solids = array_merge($this->model->bodies->of($stair), ...array_map($this->model->bodies->of(...), $parts));
        [$from, $to] = self::storeys($solids, $storeys);
        if ($from === null || $to === null) {
            $this->model->report->leaveOut($stair, Message::of('ifc.stair.joins_no_storeys'));

            return null;
        }
        $treads = Treads::of($solids, $from->elevation);
        $treads = array_values(array_filter($treads, static fn(array $tread): bool => $tread[1] < $to->elevation - self::SAME));
        $shape = count($treads) < 3 ? null : self::straight($treads) ?? self::spiral($treads);
        if ($shape === null) {
            $this->model->report->leaveOut($stair, Message::of('ifc.stair.shape_not_read', count: count($treads)));

            return null;
        }
        foreach ($parts as $part) {
            $this->model->report->take($part);
        }
        $this->model->report->take($stair);
        $this->model->report->simplify($stair, Message::of('ifc.stair.by_treads', count: count($treads)));
        [$tread, $values] = $shape;

        return [
            'id' => $this->model->id($stair),
            'name' => mb_substr($stair->text('Name') ?? 'Stair', 0, 200),
            'from_storey' => $from->id,
            'to_storey' => $to->id,
            ...$values,
            'parts' => [['flight' => [
                'risers' => count($treads) + 1,
                'tread' => round($tread, 4),
                'rises' => self::rises($treads, $from->elevation, $to->elevation),
            ]]],
        ];
    }

    /**
     * The storey whose floor it stands on, and the next one.
     *
     * @param list<Solid>       $solids
     * @param list<StoreyDraft> $storeys
     *
     * @return array{StoreyDraft|null, StoreyDraft|null}
     */
    private static function storeys(array $solids, array $storeys): array
    {
        $foot = min([INF, ...array_map(static fn(Solid $solid): float => $solid->bottom(), $solids)]);
        $from = StoreyDraft::under($foot, array_slice($storeys, 0, -1));

        return $from === null ? [null, null] : [$storeys[$from], $storeys[$from + 1]];
    }

    /**
     * @param non-empty-list<array{Ring, float}> $treads
     *
     * @return list<float>
     */
    private static function rises(array $treads, float $from, float $to): array
    {
        $rises = [];
        foreach ([...array_map(static fn(array $tread): float => $tread[1], $treads), $to] as $height) {
            $rises[] = round($height - $from, 4);
            $from = $height;
        }

        return $rises;
    }

    /**
     * @param non-empty-list<array{Ring, float}> $treads
     *
     * @return array{float, array<string, mixed>}|null tread, and the rest as a document writes it
     */
    private static function straight(array $treads): ?array
    {
        $middles = array_map(static fn(array $tread): Point => Treads::middle($tread[0]), $treads);
        $run = $middles[count($middles) - 1]->minus($middles[0]);
        if ($run->length() < self::SAME) {
            return null;
        }
        $way = $run->unit();
        foreach ($middles as $middle) {
            if (abs($way->left()->dot($middle->minus($middles[0]))) > self::IN_LINE) {
                return null;
            }
        }
        $going = $run->length() / (count($middles) - 1);
        $first = $treads[0][0]->points;
        $front = min(array_map(static fn(Point $corner): float => $way->dot($corner->minus($middles[0])), $first));
        $across = array_map(static fn(Point $corner): float => $way->left()->dot($corner->minus($middles[0])), $first);
        $start = $middles[0]->plus($way->times($front))->plus($way->left()->times((max($across) + min($across)) / 2));
        $depth = max(array_map(static fn(Point $corner): float => $way->dot($corner->minus($middles[0])), $first)) - $front;

        return [$going, [
            'kind' => 'straight',
            'start' => DrawnWall::place($start),
            'facing' => $way->degrees(),
            'width' => round(max($across) - min($across), 4),
            'nosing' => round(max(0.0, $depth - $going), 4),
        ]];
    }

    /**
     * @param non-empty-list<array{Ring, float}> $treads
     *
     * @return array{float, array<string, mixed>}|null
     */
    private static function spiral(array $treads): ?array
    {
        $middles = array_map(static fn(array $tread): Point => Treads::middle($tread[0]), $treads);
        // the last tread is often cut to the floor that it reaches
        $last = max(2, count($middles) - 2);
        $centre = self::centre($middles[0], $middles[intdiv($last, 2)], $middles[$last]);
        $radius = $centre?->distanceTo($middles[0]) ?? 0.0;
        if ($centre === null || $radius < self::SAME) {
            return null;
        }
        $turns = [];
        foreach ($middles as $number => $middle) {
            if (abs($middle->distanceTo($centre) - $radius) > self::ROUND * $radius) {
                return null;
            }
            if ($number > 0) {
                $turns[] = self::turn($middles[$number - 1]->minus($centre), $middle->minus($centre));
            }
        }
        if ($turns === []) {
            return null;
        }
        $turn = array_sum($turns) / count($turns);
        $corners = array_merge(...array_map(static fn(array $tread): array => $tread[0]->points, $treads));
        $reach = array_map(static fn(Point $corner): float => $corner->distanceTo($centre), $corners);
        [$inner, $outer] = [min($reach), max($reach)];
        if (abs($turn) < deg2rad(2.0) || max($turns) * min($turns) <= 0.0 || $outer - $inner < self::SAME) {
            return null;
        }
        $out = $middles[0]->minus($centre)->degrees() - rad2deg($turn) / 2;
        $start = $centre->plus(Point::towards($out)->times(($inner + $outer) / 2));

        return [2 * sin(abs($turn) / 2) * ($inner + self::WALKLINE), [
            'kind' => 'spiral',
            'start' => DrawnWall::place($start),
            'facing' => Point::towards($out + ($turn > 0 ? 90.0 : -90.0))->degrees(),
            'width' => round($outer - $inner, 4),
            'inner_radius' => round($inner, 4),
            'hand' => $turn > 0 ? 'left' : 'right',
        ]];
    }

    /** Of the circle through three places. */
    private static function centre(Point $from, Point $middle, Point $to): ?Point
    {
        [$b, $c] = [$middle->minus($from), $to->minus($from)];
        $cross = 2 * $b->cross($c);

        return abs($cross) < self::SAME ? null : $from->plus(new Point(
            ($c->y * $b->dot($b) - $b->y * $c->dot($c)) / $cross,
            ($b->x * $c->dot($c) - $c->x * $b->dot($b)) / $cross,
        ));
    }

    /** From one direction to another, in radians, to the left when positive. */
    private static function turn(Point $from, Point $to): float
    {
        return atan2($from->cross($to), $from->dot($to));
    }
}
