<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\LargestCircle;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LargestCircleTest extends TestCase
{
    /** @return iterable<string, array{Polygon, float}> with the radius that school geometry gives, mm */
    public static function outlines(): iterable
    {
        yield 'a square' => [self::polygon([0, 0], [3000, 0], [3000, 3000], [0, 3000]), 1500.0];
        yield 'a long passage' => [self::polygon([0, 0], [12000, 0], [12000, 914.4], [0, 914.4]), 457.2];
        yield 'a room too small for anybody' => [self::polygon([0, 0], [1.5, 0], [1.5, 1.5], [0, 1.5]), 0.75];
        // (leg + leg - hypotenuse) / 2
        yield 'a right triangle' => [self::polygon([0, 0], [3000, 0], [0, 4000]), 1000.0];
        // sqrt(3) / 6 of a side
        yield 'an equilateral triangle' => [self::polygon([0, 0], [3000, 0], [1500, 1500 * sqrt(3)]), 3000 * sqrt(3) / 6];
        yield 'a rhombus on its corner' => [self::polygon([0, -2000], [2000, 0], [0, 2000], [-2000, 0]), 2000 / sqrt(2)];
        // touching both outer walls and the inner corner: r + r / sqrt(2) = the diagonal to the corner
        yield 'an L, in its bend' => [
            self::polygon([0, 0], [4000, 0], [4000, 1000], [1000, 1000], [1000, 4000], [0, 4000]),
            1000 * sqrt(2) / (1 + sqrt(2)),
        ];
        yield 'a ring around a pillar' => [
            new Polygon(
                self::ring([0, 0], [3000, 0], [3000, 3000], [0, 3000]),
                [self::ring([1000, 1000], [1000, 2000], [2000, 2000], [2000, 1000])],
            ),
            1000 * sqrt(2) / (1 + sqrt(2)),
        ];
        // what four doors sweep in the corners, in arcs of 100 edges: from two arcs on opposite sides a diagonal is left
        $swept = static fn(float $x, float $y, float $from): array => array_map(
            static fn(int $step): array => [$x + 900 * cos($from + $step * M_PI_2 / 100), $y + 900 * sin($from + $step * M_PI_2 / 100)],
            range(0, 100),
        );
        yield 'between what four doors sweep' => [
            self::polygon(...array_merge(
                array_reverse($swept(0, 0, 0)),
                array_reverse($swept(4000, 0, M_PI_2)),
                array_reverse($swept(4000, 4000, M_PI)),
                array_reverse($swept(0, 4000, 3 * M_PI_2)),
            )),
            2000 * sqrt(2) - 900,
        ];
        yield 'beside what one door sweeps' => [
            self::polygon(...array_merge(array_reverse($swept(0, 0, 0)), [[4000, 0], [4000, 4000], [0, 4000]])),
            (4000 * sqrt(2) - 900) / (1 + sqrt(2)),
        ];
        yield 'beside a post near the wall' => [
            new Polygon(
                self::ring([0, 0], [5000, 0], [5000, 2000], [0, 2000]),
                [self::ring([100, 900], [100, 1100], [300, 1100], [300, 900])],
            ),
            1000.0,
        ];
    }

    #[DataProvider('outlines')]
    public function test_the_radius_is_that_of_school_geometry(Polygon $polygon, float $radius): void
    {
        self::assertEqualsWithDelta($radius, LargestCircle::in($polygon)['radius'], 0.05);
    }

    #[DataProvider('outlines')]
    public function test_the_circle_lies_within(Polygon $polygon, float $radius): void
    {
        $circle = LargestCircle::in($polygon);
        self::assertTrue($polygon->contains($circle['centre']));
        foreach ($polygon->edges() as $edge) {
            self::assertGreaterThanOrEqual($circle['radius'] - 1e-6, $edge->distanceTo($circle['centre']));
        }
    }

    #[DataProvider('outlines')]
    public function test_turning_and_moving_the_outline_changes_nothing(Polygon $polygon, float $radius): void
    {
        $turned = static fn(Ring $ring): Ring => new Ring(array_map(
            static fn(Point $point): Point => new Point(
                7000 + $point->x * cos(0.4) - $point->y * sin(0.4),
                -300 + $point->x * sin(0.4) + $point->y * cos(0.4),
            ),
            $ring->points,
        ));
        $moved = new Polygon($turned($polygon->outer), array_map($turned, $polygon->holes));
        self::assertEqualsWithDelta($radius, LargestCircle::in($moved)['radius'], 1.0);
    }

    /**
     * @param array{int|float, int|float} $first
     * @param array{int|float, int|float} ...$others
     */
    private static function polygon(array $first, array ...$others): Polygon
    {
        return new Polygon(self::ring($first, ...$others));
    }

    /**
     * @param array{int|float, int|float} $first
     * @param array{int|float, int|float} ...$others
     */
    private static function ring(array $first, array ...$others): Ring
    {
        return new Ring(array_map(
            static fn(array $corner): Point => new Point((float) $corner[0], (float) $corner[1]),
            [$first, ...array_values($others)],
        ));
    }

    /** A taper whose walls are w0 and w1 apart over its length holds the incircle at its wide end: exactly, however slight the taper. */
    public function test_in_a_tapering_room_the_circle_is_exact(): void
    {
        foreach ([0.5, 2.0, 10.0, 100.0] as $taper) {
            // half angle a: the circle touches the wide end, and both walls: r = half the wide end * cos a / (1 + sin a)
            [$length, $wide] = [6000.0, 1600.0];
            $angle = atan(($taper / 2) / $length);
            $radius = ($wide / 2) * cos($angle) / (1 + sin($angle));
            $circle = LargestCircle::in(self::polygon(
                [0, -$wide / 2],
                [$length, -$wide / 2 + $taper / 2],
                [$length, $wide / 2 - $taper / 2],
                [0, $wide / 2],
            ));
            self::assertEqualsWithDelta($radius, $circle['radius'], 0.01, "tapering by {$taper} mm");
        }
    }
}
