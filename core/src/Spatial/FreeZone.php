<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\ConvexClip;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;

/** A stretch of floor that somebody wants, and what stands in it. */
final readonly class FreeZone
{
    /** Where so little of a thing is in the zone, mm², nobody minds, whatever its shape. */
    private const NOTICED_MM2 = 100.0;

    /** Thinner, mm, it is rounding. */
    private const THIN = 0.01;

    /**
     * @param Segment       $base  where one comes into it
     * @param list<Polygon> $taken   what is not free, without what only grazes a side
     * @param list<string>  $names   of what takes it
     * @param list<Polygon> $covered what is not free, up to the sides
     */
    private function __construct(public Ring $wanted, private Segment $base, public array $taken, public array $names, private array $covered) {}

    /**
     * @param Ring                $wanted  convex; one comes in from its first point to its second
     * @param list<PlacedFixture> $besides what may stand there
     */
    public static function of(Ring $wanted, StoreyPlan $plan, Home $home, array $besides = []): self
    {
        $base = new Segment($wanted->points[0], $wanted->points[1] ?? $wanted->points[0]);
        $wanted = $wanted->counterClockwise();
        $names = [];
        $near = array_values(array_filter($home->fixturesNear($plan->storey->id, $wanted->bounds()), static fn(PlacedFixture $fixture): bool => $fixture->takesFloor && !in_array($fixture, $besides, true)));
        // what grazes the zone all along a side does not stand in it
        $inner = ConvexClip::inset($wanted, static fn(Segment $side): float => self::margin($side, $plan, $near));
        if ($inner === null) {
            return new self($wanted, $base, [], [], []);
        }
        $taken = array_values(array_filter($plan->mass->standingIn($inner), self::isNoticed(...)));
        $covered = $taken === [] ? [] : $plan->mass->standingIn($wanted);
        if ($taken !== []) {
            $names[] = 'a wall';
        }
        foreach ($near as $fixture) {
            $parts = $fixture->outline === null ? [] : array_values(array_filter(Overlap::parts(new Polygon($fixture->outline->counterClockwise()), $inner), self::isNoticed(...)));
            if ($fixture->outline !== null && $parts !== []) {
                $names[] = $fixture->name();
                array_push($taken, ...$parts);
                array_push($covered, ...Overlap::parts(new Polygon($fixture->outline->counterClockwise()), $wanted));
            }
        }

        return new self($wanted, $base, $taken, $names, $covered);
    }

    /** How much of it is free and within reach, from 0 to 1: what lies behind a wall is not. */
    public function share(): float
    {
        if ($this->taken === []) {
            return 1.0;
        }
        $lines = Line::around($this->wanted, 0, 0);
        foreach ($this->covered as $part) {
            array_push($lines, ...Line::aroundPolygon($part, 0, 1));
        }
        $pieces = (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) <= 0);
        $reached = array_filter($pieces, $this->isReached(...));

        return min(1.0, array_sum(array_map(static fn(Polygon $piece): float => $piece->area(), $reached)) / $this->wanted->area());
    }

    private function isReached(Polygon $piece): bool
    {
        foreach ($piece->outer->edges() as $edge) {
            // nobody gets in through a hairline
            if ($edge->length() > 1.0 && $this->base->distanceTo($edge->from) < 1.0 && $this->base->distanceTo($edge->to) < 1.0) {
                return true;
            }
        }

        return false;
    }

    /**
     * How far something may come in over a side of the zone and only touch it.
     *
     * @param list<PlacedFixture> $fixtures
     */
    private static function margin(Segment $side, StoreyPlan $plan, array $fixtures): float
    {
        $edges = [...$plan->mass->obstructions()->near($side, Tolerance::GRAZE), ...array_merge(...array_map(static fn(PlacedFixture $fixture): array => $fixture->outline?->edges() ?? [], $fixtures))];
        foreach ($edges as $edge) {
            $isNear = $edge->shortestTo($side)->length() <= Tolerance::GRAZE;
            if ($isNear && Tolerance::ofEdge($side->along($edge->to) - $side->along($edge->from), $side->leftOf($edge->to) - $side->leftOf($edge->from)) > Tolerance::TOUCH) {
                return Tolerance::GRAZE;
            }
        }

        return Tolerance::TOUCH;
    }

    private static function isNoticed(Polygon $part): bool
    {
        return $part->area() > self::NOTICED_MM2 || $part->thickness() > self::THIN;
    }
}
