<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\ConvexClip;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ConvexClipTest extends TestCase
{
    public function test_apart_touching_overlapping_and_within(): void
    {
        $square = new Polygon(self::box(0, 0, 100, 100));
        foreach ([[200, 0, 0.0], [100, 0, 0.0], [99, 0, 100.0], [50, 50, 2500.0], [0, 0, 10000.0]] as [$x, $y, $area]) {
            self::assertEqualsWithDelta($area, ConvexClip::area($square, self::box($x, $y, 100, 100)), 1e-9);
        }
        self::assertEqualsWithDelta(400.0, ConvexClip::area($square, self::box(40, 40, 20, 20)), 1e-9);
    }

    public function test_holes_are_left_out_and_direction_does_not_matter(): void
    {
        $frame = new Polygon(self::box(0, 0, 100, 100), [self::box(20, 20, 60, 60)]);
        self::assertEqualsWithDelta(6400.0, ConvexClip::area($frame, self::box(-10, -10, 200, 200)), 1e-9);
        self::assertEqualsWithDelta(0.0, ConvexClip::area($frame, self::box(30, 30, 10, 10)), 1e-9);
        $reversed = new Polygon(new Ring(array_reverse(self::box(0, 0, 100, 100)->points)));
        self::assertEqualsWithDelta(2500.0, ConvexClip::area($reversed, self::box(50, 50, 100, 100)), 1e-9);
    }

    public function test_an_outline_that_falls_apart(): void
    {
        $comb = new Polygon(new Ring(array_map(
            static fn(array $p): Point => new Point(...$p),
            [[0, 0], [50, 0], [50, 30], [40, 30], [40, 10], [10, 10], [10, 30], [0, 30]],
        )));
        self::assertEqualsWithDelta(200.0, ConvexClip::area($comb, self::box(-10, 20, 100, 100)), 1e-9);
    }

    /** Held against the overlap that is found through an arrangement of all the lines. */
    public function test_agrees_with_the_general_overlap(): void
    {
        $random = new Randomizer(new Mt19937(7));
        foreach (range(1, 200) as $ignored) {
            $star = [];
            foreach (range(0, 11) as $corner) {
                $star[] = Point::towards($corner * 30)->times(self::between($random, 200, 1000));
            }
            $angle = self::between($random, 0, 90);
            $convex = Ring::rectangle(
                new Point(self::between($random, -900, 300), self::between($random, -900, 300)),
                Point::towards($angle)->times(self::between($random, 50, 900)),
                Point::towards($angle + 90)->times(self::between($random, 50, 900)),
            );
            $polygon = new Polygon(new Ring($star));
            self::assertEqualsWithDelta(Overlap::area($polygon, $convex), ConvexClip::area($polygon, $convex), 0.5);
        }
    }

    private static function between(Randomizer $random, float $least, float $most): float
    {
        return $least + ($most - $least) * $random->getInt(0, 1_000_000) / 1_000_000;
    }

    private static function box(float $x, float $y, float $width, float $height): Ring
    {
        return Ring::rectangle(new Point($x, $y), new Point($width, 0), new Point(0, $height));
    }
}
