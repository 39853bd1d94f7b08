<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Obstacles;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Sweep;
use PHPUnit\Framework\TestCase;

/** A front of 1000 that moves up from the origin, among solids. */
final class SweepTest extends TestCase
{
    public function test_it_meets_what_stands_before_any_part_of_it(): void
    {
        foreach ([-499, -100, 0, 100, 499] as $x) {
            self::assertEqualsWithDelta(800.0, self::distance([self::box($x, 800, 1, 100)]), 1e-6, "at {$x}");
        }
        self::assertNull(self::distance([self::box(600, 800, 100, 100)]));
        self::assertEqualsWithDelta(
            300.0,
            self::distance([self::box(0, 800, 100, 100), self::box(-300, 300, 50, 50)]),
            1e-6,
            'the nearest',
        );
    }

    /** What runs along the side of the way and reaches in by 0.2 mm stands beside it, what leans against it by 0.5 mm. */
    public function test_what_grazes_its_sides_stands_beside_it(): void
    {
        foreach ([[0.0, null], [0.1, null], [0.19, null], [0.3, 800.0], [5.0, 800.0]] as [$in, $met]) {
            self::assertEqualsWithDelta($met, self::distance([self::box(500 - $in, 800, 300, 100)]), 1e-6, "in by {$in}");
            self::assertEqualsWithDelta(
                $met,
                self::distance([self::box(-800 + $in, 800, 300, 100)]),
                1e-6,
                "in by {$in} on the other side",
            );
        }
        foreach ([[0.4, true], [0.6, false]] as [$in, $isBeside]) {
            // a wall whose face leans against the way from one end to the other
            $leaning = new Ring([new Point(501, 100), new Point(800, 100), new Point(800, 2000.2), new Point(500 - $in, 2000)]);
            self::assertSame($isBeside, self::distance([$leaning]) === null, "leaning in by {$in}");
        }
    }

    public function test_a_front_that_begins_in_a_solid_meets_it_at_once(): void
    {
        self::assertEqualsWithDelta(0.0, self::distance([self::box(-2000, -100, 4000, 300)]), 1e-9, 'all of it');
        self::assertEqualsWithDelta(0.0, self::distance([self::box(-2000, -100, 1800, 300)]), 1e-9, 'a part of it');
        self::assertEqualsWithDelta(
            900.0,
            self::distance([self::box(-2000, -100, 1500.1, 300), self::box(-2000, 900, 4000, 100)]),
            1e-6,
            'a hairline of it does not count',
        );
        self::assertEqualsWithDelta(
            900.0,
            self::distance([self::box(-2000, -100, 4000, 100), self::box(-2000, 900, 4000, 100)]),
            1e-6,
            'nor does what it stands against',
        );
    }

    /** A front in a wall that ends beside another one: whichever edge of the corner is listed first. */
    public function test_a_front_in_a_wall_is_in_it_whatever_ends_in_its_corner(): void
    {
        // a wall across the way and one that runs on from its far face, as one outline
        $points = [
            new Point(-2000, -88), new Point(2000, -88), new Point(2000, 12), new Point(-184, 12), new Point(-184, 2000),
            new Point(-284, 2000), new Point(-284, 12), new Point(-2000, 12),
        ];
        foreach (range(0, 7) as $first) {
            self::assertEqualsWithDelta(
                0.0,
                self::distance([new Ring(array_map(static fn(int $corner): Point => $points[($first + $corner) % 8], range(0, 7)))]),
                1e-9,
                "from corner {$first}",
            );
        }
    }

    /** A corner whose side runs along the way, but for a thousandth, is met at its front. */
    public function test_a_side_that_nearly_runs_along_is_not_come_out_of(): void
    {
        foreach ([-0.4, -0.001, 0.0, 0.001, 0.4] as $lean) {
            $corner = new Ring([new Point(498, 229), new Point(700, 229), new Point(700, 400), new Point(498 + $lean, 400)]);
            self::assertEqualsWithDelta(229.0, self::distance([$corner]), 1e-6, "leaning by {$lean}");
        }
    }

    public function test_turning_everything_changes_nothing(): void
    {
        foreach ([10.0, 45.0, 133.0, 289.5] as $degrees) {
            $turn = static fn(Point $p): Point => new Point(
                $p->x * cos(deg2rad($degrees)) - $p->y * sin(deg2rad($degrees)),
                $p->x * sin(deg2rad($degrees)) + $p->y * cos(deg2rad($degrees)),
            );
            $solid = new Ring(array_map($turn, self::box(-300, 777, 500, 90)->points));
            $met = Obstacles::solid([new Polygon($solid)])->sweep(new Sweep(new Point(0, 0), $turn(new Point(0, 1)), -500.0, 500.0));
            self::assertEqualsWithDelta(777.0, $met?->distance, 1e-6);
        }
    }

    /** @param list<Ring> $solids counter-clockwise */
    private static function distance(array $solids): ?float
    {
        return Obstacles::solid(array_map(
            static fn(Ring $ring): Polygon => new Polygon($ring->counterClockwise()),
            $solids,
        ))->sweep(new Sweep(new Point(0, 0), new Point(0, 1), -500.0, 500.0))?->distance;
    }

    private static function box(float $x, float $y, float $width, float $height): Ring
    {
        return Ring::rectangle(new Point($x, $y), new Point($width, 0), new Point(0, $height));
    }
}
