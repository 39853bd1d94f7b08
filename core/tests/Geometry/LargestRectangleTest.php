<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\LargestRectangle;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use PHPUnit\Framework\TestCase;

final class LargestRectangleTest extends TestCase
{
    public function test_a_rectangle_is_its_own(): void
    {
        self::assertLargest(4000.0, 3000.0, [[0, 0], [4000, 0], [4000, 3000], [0, 3000]]);
    }

    public function test_an_l_shape_keeps_its_larger_arm(): void
    {
        // arms: 5000 x 2000 = 10.0, 3000 x 4000 = 12.0 (upright): the upright one is larger
        self::assertLargest(3000.0, 4000.0, [[0, 0], [5000, 0], [5000, 2000], [3000, 2000], [3000, 4000], [0, 4000]]);
    }

    public function test_a_right_triangle_holds_half_its_legs(): void
    {
        // known result: the largest rectangle in a right triangle with legs a and b, sides along the legs, is a/2 by b/2
        self::assertLargest(2000.0, 1500.0, [[0, 0], [4000, 0], [0, 3000]], 0.1);
    }

    public function test_turned_against_the_axes(): void
    {
        $angle = deg2rad(30);
        $along = new Point(cos($angle), sin($angle));
        $ring = Ring::rectangle(new Point(100, 200), $along->times(4000), $along->left()->times(2500));
        $largest = LargestRectangle::in(new Polygon($ring), $along);
        self::assertEqualsWithDelta([4000.0, 2500.0], [$largest['width'], $largest['height']], 0.01);
    }

    public function test_a_hole_is_kept_out(): void
    {
        $hole = new Ring([new Point(1000, 1000), new Point(1000, 2000), new Point(2000, 2000), new Point(2000, 1000)]);
        $outer = Ring::rectangle(new Point(0, 0), new Point(6000, 0), new Point(0, 3000));
        $largest = LargestRectangle::in(new Polygon($outer, [$hole]), new Point(1, 0));
        self::assertEqualsWithDelta([4000.0, 3000.0], [$largest['width'], $largest['height']], 0.01);
    }

    /** @param non-empty-list<array{int, int}> $points */
    private static function assertLargest(float $width, float $height, array $points, float $within = 0.01): void
    {
        $ring = new Ring(array_map(static fn(array $p): Point => new Point($p[0], $p[1]), $points));
        $largest = LargestRectangle::in(new Polygon($ring), new Point(1, 0));
        self::assertEqualsWithDelta([$width, $height], [$largest['width'], $largest['height']], $within);
    }

    /** A room of 4000 x 3000 with a corner cut off, turned by any angle and drawn to a tenth of a millimetre: 4000 x 2000 stays. */
    public function test_turned_outlines_keep_their_rectangle_whatever_the_angle_and_the_rounding(): void
    {
        foreach ([1.0, 17.3, 44.9, 45.0, 61.7, 89.99, 133.3, 211.0, 300.7] as $degrees) {
            foreach ([1e-4, 0.01, 0.1] as $step) {
                foreach ([1, -1] as $hand) {
                    $largest = LargestRectangle::in(
                        self::turned([[0, 0], [4000, 0], [4000, 2000], [3000, 3000], [0, 3000]], $degrees, $step, $hand),
                        self::axis($degrees),
                    );
                    self::assertEqualsWithDelta(
                        9_000_000.0,
                        $largest['width'] * $largest['height'],
                        2000.0,
                        "{$degrees} degrees, to {$step} mm",
                    );
                }
            }
        }
    }

    /** Between a straight wall and an oblique one: the best of all widths h (l - h / s) by the derivative, s being the slope. */
    public function test_under_a_slope_the_rectangle_is_exact_and_the_same_when_mirrored(): void
    {
        foreach ([0.2, 0.5, 1.0, 2.5] as $slope) {
            $length = 5000.0;
            $points = [[0, 0], [$length, 0], [0, $slope * $length]];
            foreach ([1, -1] as $hand) {
                foreach ([0.0, 30.0, 77.7] as $degrees) {
                    $largest = LargestRectangle::in(self::turned($points, $degrees, 1e-4, $hand), self::axis($degrees));
                    self::assertEqualsWithDelta(
                        $slope * $length * $length / 4,
                        $largest['width'] * $largest['height'],
                        100.0,
                        "slope {$slope}",
                    );
                }
            }
        }
    }

    public function test_it_ends_soon_on_outlines_of_many_corners(): void
    {
        $points = array_map(
            static fn(int $k): array => [
                4000 + (3000 + 200 * ($k % 3)) * cos(2 * M_PI * $k / 90),
                4000 + (3000 + 200 * ($k % 3)) * sin(2 * M_PI * $k / 90),
            ],
            range(0, 89),
        );
        $start = self::processorSeconds();
        $largest = LargestRectangle::in(self::turned($points, 0.0, 0.1, 1), new Point(1, 0));
        self::assertGreaterThan(15_000_000.0, $largest['width'] * $largest['height']);
        self::assertLessThan(20.0, self::processorSeconds() - $start, 'it took minutes once');
    }

    /** Of this process alone: what else the machine does is not counted. */
    private static function processorSeconds(): float
    {
        $used = array_filter((array) getrusage(), is_int(...));

        return ($used['ru_utime.tv_sec'] ?? 0) + ($used['ru_utime.tv_usec'] ?? 0) / 1e6;
    }

    /** @param list<array{float|int, float|int}> $points counter-clockwise */
    private static function turned(array $points, float $degrees, float $step, int $hand): Polygon
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $drawn = array_map(static fn(array $p): Point => new Point(
            round(($hand * $p[0] * $cos - $p[1] * $sin) / $step) * $step,
            round(($hand * $p[0] * $sin + $p[1] * $cos) / $step) * $step,
        ), $points);

        return new Polygon((new Ring($drawn === [] ? [new Point(0, 0)] : $drawn))->counterClockwise());
    }

    private static function axis(float $degrees): Point
    {
        return new Point(cos(deg2rad($degrees)), sin(deg2rad($degrees)));
    }
}
