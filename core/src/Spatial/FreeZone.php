<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;

/** A stretch of floor that somebody wants, and what stands in it. */
final readonly class FreeZone
{
    /** Less of a thing than this in the zone, mm², is not noticed. */
    private const NOTICED_MM2 = 100.0;

    /**
     * @param Segment       $base  where one comes into it
     * @param list<Polygon> $taken what is not free
     * @param list<string>  $names of what takes it
     */
    private function __construct(public Ring $wanted, private Segment $base, public array $taken, public array $names) {}

    /**
     * @param Ring                $wanted  convex; one comes in from its first point to its second
     * @param list<PlacedFixture> $besides what may stand there
     */
    public static function of(Ring $wanted, StoreyPlan $plan, Home $home, array $besides = []): self
    {
        $base = new Segment($wanted->points[0], $wanted->points[1] ?? $wanted->points[0]);
        $wanted = $wanted->counterClockwise();
        $names = [];
        $taken = array_values(array_filter($plan->mass->standingIn($wanted), self::isNoticed(...)));
        if ($taken !== []) {
            $names[] = 'a wall';
        }
        $bounds = $wanted->bounds();
        foreach ($home->fixturesOn($plan->storey->id) as $fixture) {
            if ($fixture->outline === null || !$fixture->takesFloor || $fixture->bounds?->overlaps($bounds) !== true || in_array($fixture, $besides, true)) {
                continue;
            }
            $parts = array_values(array_filter(Overlap::parts(new Polygon($fixture->outline->counterClockwise()), $wanted), self::isNoticed(...)));
            if ($parts !== []) {
                $names[] = $fixture->name();
                array_push($taken, ...$parts);
            }
        }

        return new self($wanted, $base, $taken, $names);
    }

    /** How much of it is free and within reach, from 0 to 1: what lies behind a wall is not. */
    public function share(): float
    {
        if ($this->taken === []) {
            return 1.0;
        }
        $lines = Line::around($this->wanted, 0, 0);
        foreach ($this->taken as $part) {
            array_push($lines, ...Line::aroundPolygon($part, 0, 1));
        }
        $pieces = (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) <= 0);
        $reached = array_filter($pieces, $this->isReached(...));

        return min(1.0, array_sum(array_map(static fn(Polygon $piece): float => $piece->area(), $reached)) / $this->wanted->area());
    }

    private function isReached(Polygon $piece): bool
    {
        foreach ($piece->outer->edges() as $edge) {
            if ($this->base->distanceTo($edge->from) < 1.0 && $this->base->distanceTo($edge->to) < 1.0) {
                return true;
            }
        }

        return false;
    }

    private static function isNoticed(Polygon $part): bool
    {
        return $part->area() > self::NOTICED_MM2;
    }
}
