<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Box;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Layout\FloorOpening;
use Heurema\Layout\Storey;
use Heurema\Layout\Terrace;
use Heurema\Layout\Words\RoomUse;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\Stair\StepKind;

/**
 * The edges of a storey over which one can fall: of openings in its floor, of the stairs that start on it or reach it from outside,
 * of balconies, porches and terraces whose border is open, of ground that is made level above what lies beside it. What walls, guards
 * and the ways onto stairs close is left out.
 */
final class OpenEdges
{
    /** A wall or guard this near an edge, mm, stands along it. */
    private const BESIDE = 150.0;

    /** Of an angle between two lines so small that they run along each other, its sine. */
    private const PARALLEL = 0.05;

    /** Steps and floors that differ by no more than this, mm, are level. */
    private const LEVEL = 20.0;

    /** Beside an edge, mm. */
    private const OUTSIDE = 20.0;

    /** Shorter stretches, mm, nobody falls through. */
    private const SHORTEST = 100.0;

    /** @var list<OpenEdge> */
    public array $found = [];

    /** @var list<string> heights that would have to be known */
    public array $missing = [];

    /** @var list<Segment> what closes edges */
    private array $closed = [];

    private function __construct(private readonly StoreyPlan $plan, private readonly Home $home) {}

    public static function of(StoreyPlan $plan, Home $home): self
    {
        $edges = new self($plan, $home);
        $edges->close();
        $edges->takeFloorOpenings();
        $edges->takeOutdoorRooms();
        $edges->takeTerraces();
        foreach ($home->stairs as $stair) {
            if ($stair->storey() === $plan->storey->id) {
                $edges->takeStair($stair);
            }
        }

        return $edges;
    }

    private function close(): void
    {
        foreach ($this->plan->standingWalls() as $wall) {
            if (!$wall->wall->isOpenBoundary()) {
                $half = $wall->wall->thickness / 2;
                array_push($this->closed, $wall->wall->line()->offset($half), $wall->wall->line()->offset(-$half), $wall->wall->line());
            }
        }
        foreach ($this->plan->storey->guards as $guard) {
            for ($i = 1, $count = count($guard->line); $i < $count; ++$i) {
                $this->closed[] = new Segment($guard->line[$i - 1], $guard->line[$i]);
            }
        }
    }

    private function takeFloorOpenings(): void
    {
        $storey = $this->plan->storey;
        $below = $this->below();
        if ($storey->voids === []) {
            return;
        }
        if ($below?->elevation === null || $storey->elevation === null) {
            $this->missing[] = ($storey->elevation === null ? $storey->id : $below->id ?? $storey->id).'.elevation';

            return;
        }
        $ways = array_values(array_filter(array_map(
            static fn(PlacedStair $stair): ?Segment => $stair->to === $storey && $stair->from !== null ? $stair->shape->head : null,
            $this->home->stairs,
        )));
        foreach (self::together($storey->voids) as $opening) {
            foreach ($opening->edges() as $edge) {
                $this->take(
                    $edge,
                    $storey->elevation - $below->elevation,
                    Text::of('the opening in the floor'),
                    self::voidsAt($edge, $storey->voids),
                    $ways,
                );
            }
        }
    }

    /**
     * Openings that overlap are one: between them there is no floor to fall from.
     *
     * @param list<FloorOpening> $voids
     *
     * @return list<Polygon>
     */
    private static function together(array $voids): array
    {
        $lines = array_merge(...array_map(
            static fn(FloorOpening $void): array => Line::around($void->outline->counterClockwise(), 0, 0),
            $voids,
        ));
        $openings = (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0);

        return array_map(
            static fn(Polygon $opening): Polygon => new Polygon(
                $opening->outer->simplified(),
                array_map(static fn(Ring $hole): Ring => $hole->simplified(), $opening->holes),
            ),
            $openings,
        );
    }

    private function takeOutdoorRooms(): void
    {
        $storey = $this->plan->storey;
        foreach ($this->plan->rooms as $room) {
            if (!in_array($room->room->use, [RoomUse::Balcony, RoomUse::Porch, RoomUse::Terrace], true)) {
                continue;
            }
            if ($storey->elevation === null) {
                $this->missing[] = "{$storey->id}.elevation";

                continue;
            }
            $ways = array_values(array_filter(array_map(
                static fn(PlacedStair $stair): ?Segment => $stair->to === $storey ? $stair->shape->head : null,
                $this->home->stairs,
            )));
            foreach ($this->plan->neighbours($room) as $neighbour) {
                if ($neighbour->wall->isOpenBoundary() && $neighbour->beyond->isOutside()) {
                    $this->take(
                        $neighbour->stretch,
                        $storey->elevation - ($this->home->ground()->at($neighbour->stretch->middle()) ?? 0.0),
                        $room->name(),
                        [$room->id()],
                        $ways,
                    );
                }
            }
        }
    }

    private function takeTerraces(): void
    {
        foreach ($this->plan->storey->terraces as $terrace) {
            $level = $terrace->elevationOn($this->plan->storey);
            if ($level === null) {
                $this->missing[] = $terrace->level === null ? "{$terrace->id}.level" : "{$this->plan->storey->id}.elevation";

                continue;
            }
            foreach ($terrace->outline->counterClockwise()->edges() as $edge) {
                foreach ($this->parted($edge, $terrace) as $part) {
                    $drop = $level - ($this->home->ground()->at($part->offset(-self::OUTSIDE)->middle()) ?? 0.0);
                    if ($drop > self::LEVEL) {
                        $this->take($part, $drop, $terrace->name, [$terrace->id], $this->waysUp());
                    }
                }
            }
        }
    }

    /** @return list<Segment> where steps and ramps reach the storey from outside */
    private function waysUp(): array
    {
        $ways = [];
        foreach ($this->home->stairs as $stair) {
            if ($stair->from === null && $stair->to === $this->plan->storey && $stair->shape->head !== null) {
                array_push($ways, $stair->shape->head);
            }
        }
        foreach ($this->home->ramps as $ramp) {
            if ($ramp->plan === $this->plan) {
                $ways[] = $ramp->shape->head();
            }
        }

        return $ways;
    }

    /**
     * Where another terrace begins beside it, an edge falls less far.
     *
     * @return list<Segment>
     */
    private function parted(Segment $edge, Terrace $of): array
    {
        $cuts = [0.0, $edge->length()];
        foreach ($this->plan->storey->terraces as $other) {
            foreach ($other === $of ? [] : $other->outline->edges() as $beside) {
                $crossing = $beside->lineCrossing($edge);
                $along = $crossing === null ? -1.0 : $edge->along($crossing);
                if ($crossing !== null && $along > 0.0 && $along < $edge->length() && $beside->distanceTo($crossing) <= self::OUTSIDE) {
                    $cuts[] = $along;
                }
            }
        }
        sort($cuts);

        return array_map(
            static fn(float $from, float $to): Segment => new Segment($edge->at($from), $edge->at($to)),
            array_slice($cuts, 0, -1),
            array_slice($cuts, 1),
        );
    }

    /** Both sides of its flights and the free sides of its landings; a step is as high as it lies above the floor at its foot. */
    private function takeStair(PlacedStair $stair): void
    {
        $climb = Climb::of($stair);
        if (!$climb instanceof Climb) {
            array_push($this->missing, ...$climb);

            return;
        }
        $entered = array_map(static fn(Step $step): Segment => $step->front, $stair->shape->steps);
        $left = array_map(static fn(Step $step): Segment => $step->back, $stair->shape->steps);
        foreach ($stair->shape->steps as $step) {
            foreach ($step->outline->counterClockwise()->edges() as $edge) {
                $this->takeSide(
                    $edge,
                    $step,
                    $climb,
                    $step->kind === StepKind::Landing ? [...$entered, ...$left] : [$step->front, $step->back],
                );
            }
        }
    }

    /** @param list<Segment> $ways */
    private function takeSide(Segment $edge, Step $step, Climb $climb, array $ways): void
    {
        $level = $climb->level($step);
        $outside = $edge->offset(-self::OUTSIDE)->middle();
        foreach ($climb->stair->shape->steps as $other) {
            if ($other !== $step && $other->outline->contains($outside)) {
                $level -= max(0.0, $climb->level($other));
            }
        }
        if ($level > self::LEVEL) {
            $this->take($edge, $level, $climb->stair->name(), [$climb->stair->id()], $ways);
        }
    }

    /**
     * Which of several openings an edge of all of them together belongs to.
     *
     * @param list<FloorOpening> $voids
     *
     * @return list<string>
     */
    private static function voidsAt(Segment $edge, array $voids): array
    {
        $isAt = static fn(FloorOpening $void): bool => array_filter(
            $void->outline->edges(),
            static fn(Segment $one): bool => $one->distanceTo($edge->middle()) <= Tolerance::TOUCH,
        ) !== [];

        return array_values(array_map(static fn(FloorOpening $void): string => $void->id, array_filter($voids, $isAt)));
    }

    /**
     * @param list<string>  $of   ids of what it is the edge of
     * @param list<Segment> $ways where one walks onto it or off it
     */
    private function take(Segment $edge, float $drop, string $name, array $of, array $ways): void
    {
        $length = $edge->length();
        $open = [[0.0, $length]];
        $beside = Box::around([$edge->from, $edge->to])->grown(self::BESIDE + 1.0);
        foreach ([...$this->closed, ...$ways] as $line) {
            $span = $open !== [] && $beside->overlaps(Box::around([$line->from, $line->to])) ? self::along($edge, $line) : null;
            $open = $span === null ? $open : self::without($open, $span);
        }
        foreach ($open as [$from, $to]) {
            if ($to - $from >= min(self::SHORTEST, $length * 0.9)) {
                $this->found[] = new OpenEdge(new Segment($edge->at($from), $edge->at($to)), $drop, $name, $of);
            }
        }
    }

    /**
     * Which stretch of an edge a line runs along.
     *
     * @return array{float, float}|null
     */
    private static function along(Segment $edge, Segment $line): ?array
    {
        [$along, $other] = [$edge->vector(), $line->vector()];
        $isParallel = abs($along->cross($other)) < self::PARALLEL * $along->length() * $other->length();
        if (!$isParallel || abs($edge->leftOf($line->middle())) > self::BESIDE) {
            return null;
        }
        $ends = [$edge->along($line->from), $edge->along($line->to)];

        return [min($ends), max($ends)];
    }

    /**
     * @param list<array{float, float}> $open
     * @param array{float, float}       $span
     *
     * @return list<array{float, float}>
     */
    private static function without(array $open, array $span): array
    {
        $left = [];
        foreach ($open as [$from, $to]) {
            foreach ([[$from, min($to, $span[0])], [max($from, $span[1]), $to]] as [$start, $end]) {
                if ($end - $start > 1.0) {
                    $left[] = [$start, $end];
                }
            }
        }

        return $left;
    }

    private function below(): ?Storey
    {
        $below = null;
        foreach ($this->home->layout->storeys as $storey) {
            if ($storey === $this->plan->storey) {
                return $below;
            }
            $below = $storey;
        }

        return null;
    }
}
