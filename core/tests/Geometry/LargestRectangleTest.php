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
}
