<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Alignment;
use Heurema\Geometry\Box;
use Heurema\Geometry\ConvexClip;
use Heurema\Geometry\Frame;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Remainder;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;

/** A stretch of floor that somebody wants, and what stands in it. */
final readonly class FreeZone
{
    /** Where so little of a fixture is in the zone, mm², nobody minds, whatever its shape. */
    private const NOTICED_MM2 = 100.0;

    /** Faces this near to one another, mm, leave no gap between them. */
    private const HAIRLINE = Tolerance::TOUCH;

    /** Through a gap no wider than this, mm, nobody comes in. */
    private const GATE = 0.9;

    /** Thinner, mm, it is rounding. */
    private const THIN = 0.01;

    /**
     * @param Segment       $base   where one comes into it
     * @param list<Polygon> $taken  what is not free, without what only grazes a side
     * @param list<string>  $names  of what takes it
     * @param list<Polygon> $fixtures that stand in it, or in a part of it and beside it
     */
    private function __construct(
        public Ring $wanted,
        private Segment $base,
        public array $taken,
        public array $names,
        private array $fixtures,
    ) {}

    /**
     * @param Ring                $wanted  convex; one comes in from its first point to its second
     * @param list<PlacedFixture> $besides what may stand there
     */
    public static function of(Ring $wanted, StoreyPlan $plan, Home $home, array $besides = []): self
    {
        return self::on(FloorNear::within($wanted->bounds(), $plan, $home), $wanted, $besides);
    }

    /**
     * The same on floor of which it is known what stands there.
     *
     * @param list<PlacedFixture> $besides
     */
    public static function on(FloorNear $floor, Ring $wanted, array $besides = []): self
    {
        $base = new Segment($wanted->points[0], $wanted->points[1] ?? $wanted->points[0]);
        $wanted = $wanted->counterClockwise();
        // what grazes the zone all along a side does not stand in it
        $leaning = $floor->leaning($base->direction());
        $inner = ConvexClip::inset($wanted, static fn(Segment $side): float => self::margin($side, $leaning));
        if ($inner === null) {
            return new self($wanted, $base, [], [], []);
        }
        $taken = $names = $fixtures = [];
        foreach ($floor->standingIn($inner->bounds(), $besides) as [$name, $outline]) {
            $parts = array_values(array_filter(Overlap::parts($outline, $inner), self::isNoticed(...)));
            if ($parts !== []) {
                $names[$name] = $name;
                array_push($taken, ...$parts);
                $fixtures[] = $outline;
            }
        }

        return new self($wanted, $base, $taken, array_values($names), $fixtures);
    }

    /** How much of it is free and within reach, from 0 to 1: what lies behind a wall is not. */
    public function share(): float
    {
        if ($this->taken === []) {
            return 1.0;
        }
        $frame = Frame::along($this->base->from, $this->base->direction());
        $rings = [
            $this->wanted->points,
            ...array_merge(...array_map(
                static fn(Polygon $fixture): array => array_map(static fn(Ring $ring): array => $ring->points, $fixture->rings()),
                $this->fixtures,
            )),
        ];
        $rings = array_map(static fn(array $points): array => array_map($frame->fromPlan(...), $points), $rings);
        $aligned = new Alignment(array_merge(...$rings), self::HAIRLINE);
        $rings = array_map(static fn(array $points): Ring => new Ring(array_map($aligned->point(...), $points)), $rings);
        $pieces = Remainder::of([new Polygon($rings[0]->counterClockwise())], array_slice($rings, 1));
        $reached = array_filter($pieces, static fn(Polygon $piece): bool => self::isReached($piece, $aligned->point(new Point(0, 0))->y));

        return min(1.0, array_sum(array_map(static fn(Polygon $piece): float => $piece->area(), $reached)) / $this->wanted->area());
    }

    /** @param float $base where one comes in, the y of its edge */
    private static function isReached(Polygon $piece, float $base): bool
    {
        foreach ($piece->outer->edges() as $edge) {
            // nobody gets in through a hairline
            if ($edge->length() > self::GATE && abs($edge->from->y - $base) < 1.0 && abs($edge->to->y - $base) < 1.0) {
                return true;
            }
        }

        return false;
    }

    /**
     * How far something may come in over a side of the zone and only touch it.
     *
     * @param list<Segment> $leaning edges that lean against it
     */
    private static function margin(Segment $side, array $leaning): float
    {
        $box = Box::around([$side->from, $side->to])->grown(Tolerance::GRAZE);
        foreach ($leaning as $edge) {
            if (
                $box->overlaps(Box::around([$edge->from, $edge->to])->grown(1e-6))
                && $edge->shortestTo($side)->length() <= Tolerance::GRAZE
            ) {
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
