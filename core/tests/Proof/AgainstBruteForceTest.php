<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use Heurema\Geometry\LargestCircle;
use Heurema\Geometry\LargestRectangle;
use Heurema\Geometry\Obstacles;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use PHPUnit\Framework\TestCase;

/** The searches for the largest circle and rectangle, and the queries of obstacles, against trying everything. Seeds stand in the tests. */
final class AgainstBruteForceTest extends TestCase
{
    public function test_no_grid_point_holds_a_larger_circle(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 15; ++$i) {
            $polygon = self::star(mt_rand(4, 11));
            ['centre' => $centre, 'radius' => $radius] = LargestCircle::in($polygon);
            self::assertTrue($polygon->contains($centre));
            self::assertEqualsWithDelta(self::toEdge($polygon, $centre), $radius, 1e-6);
            $box = $polygon->bounds();
            $step = 100.0;
            $best = 0.0;
            for ($x = $box->left; $x <= $box->right; $x += $step) {
                for ($y = $box->bottom; $y <= $box->top; $y += $step) {
                    $point = new Point($x, $y);
                    $best = max($best, $polygon->contains($point) ? self::toEdge($polygon, $point) : 0.0);
                }
            }
            // the best of a grid is at most half a diagonal of its squares short of the true one
            self::assertGreaterThanOrEqual($best - 1.0, $radius, "polygon {$i}");
            self::assertLessThanOrEqual($best + $step * M_SQRT2 / 2 + 1.0, $radius, "polygon {$i}");
        }
    }

    public function test_known_circles(): void
    {
        $rectangle = new Polygon(Ring::rectangle(new Point(0, 0), new Point(5000, 0), new Point(0, 3000)));
        self::assertEqualsWithDelta(1500.0, LargestCircle::in($rectangle)['radius'], 1.0);
        // a right triangle 3000, 4000, 5000: radius of the inscribed circle (3000 + 4000 − 5000) / 2
        $triangle = new Polygon(new Ring([new Point(0, 0), new Point(4000, 0), new Point(0, 3000)]));
        self::assertEqualsWithDelta(1000.0, LargestCircle::in($triangle)['radius'], 1.0);
        // beside a 1000 square block in the middle of a 5000 square, in a corner: r (1 + √2) = 2000 √2, so r = 1171.57
        $block = new Ring([new Point(2000, 2000), new Point(2000, 3000), new Point(3000, 3000), new Point(3000, 2000)]);
        $around = new Polygon(Ring::rectangle(new Point(0, 0), new Point(5000, 0), new Point(0, 5000)), [$block]);
        self::assertEqualsWithDelta(2000 * M_SQRT2 / (1 + M_SQRT2), LargestCircle::in($around)['radius'], 1.0);
    }

    public function test_no_rectangle_tried_at_random_is_larger(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 15; ++$i) {
            $polygon = self::star(mt_rand(4, 9));
            $largest = LargestRectangle::in($polygon, new Point(1, 0));
            $area = $largest['width'] * $largest['height'];
            self::assertTrue(self::holds($polygon, $largest['ring'], 0.05), "polygon {$i}");
            $box = $polygon->bounds();
            for ($try = 0; $try < 1500; ++$try) {
                $x = [mt_rand((int) $box->left, (int) $box->right), mt_rand((int) $box->left, (int) $box->right)];
                $y = [mt_rand((int) $box->bottom, (int) $box->top), mt_rand((int) $box->bottom, (int) $box->top)];
                [$width, $height] = [abs($x[0] - $x[1]), abs($y[0] - $y[1])];
                if ($width * $height > $area * 1.001) {
                    $ring = Ring::rectangle(new Point(min($x), min($y)), new Point($width, 0), new Point(0, $height));
                    self::assertFalse(self::holds($polygon, $ring, 0.0), "polygon {$i}: {$width} by {$height} is larger");
                }
            }
            self::addToAssertionCount(1);
        }
    }

    public function test_queries_of_obstacles_find_what_trying_all_finds(): void
    {
        mt_srand(13);
        $segments = [];
        for ($i = 0; $i < 200; ++$i) {
            $from = new Point(mt_rand(0, 20000), mt_rand(0, 20000));
            $segments[] = new Segment($from, $from->plus(new Point(mt_rand(-1500, 1500), mt_rand(-1500, 1500) + 0.5)));
        }
        $obstacles = new Obstacles($segments);
        for ($i = 0; $i < 300; ++$i) {
            $point = new Point(mt_rand(-5000, 25000), mt_rand(-5000, 25000));
            $nearest = self::least(array_map(static fn(Segment $segment): float => $segment->distanceTo($point), $segments));
            self::assertEqualsWithDelta($nearest, $obstacles->nearest($point)?->distance, 1e-9);
            $direction = Point::towards(mt_rand(0, 3599) / 10);
            $ray = new Segment($point, $point->plus($direction));
            $met = INF;
            foreach ($segments as $segment) {
                $crossing = $ray->lineCrossing($segment);
                if (
                    $crossing !== null
                    && $ray->along($crossing) > 1
                    && $segment->along($crossing) >= 0
                    && $segment->along($crossing) <= $segment->length()
                ) {
                    $met = min($met, $ray->along($crossing));
                }
            }
            $found = $obstacles->ray($point, $direction)->distance ?? INF;
            // a ray is a tenth of a millimetre wide either side, so grazing edges are met a little earlier
            self::assertTrue($found === $met || abs($found - $met) < 2.0 || $found < $met, "ray {$i}: {$found} against {$met}");
        }
    }

    /**
     * A polygon around a centre with corners at random distances.
     *
     * @param int<1, max> $corners
     */
    private static function star(int $corners): Polygon
    {
        return new Polygon(new Ring(array_map(
            static fn(int $i): Point => Point::towards(360 * $i / $corners)->times(mt_rand(1200, 4000)),
            range(1, $corners),
        )));
    }

    /** @param list<float> $numbers */
    private static function least(array $numbers): float
    {
        return $numbers === [] ? INF : min($numbers);
    }

    private static function toEdge(Polygon $polygon, Point $point): float
    {
        return self::least(array_map(static fn(Segment $edge): float => $edge->distanceTo($point), $polygon->edges()));
    }

    /** No edge of the polygon comes into the rectangle by more than the margin, and its middle lies inside. */
    private static function holds(Polygon $polygon, Ring $rectangle, float $margin): bool
    {
        return $polygon->contains($rectangle->middle()) && !(new Obstacles($polygon->edges()))->enter($rectangle, $margin);
    }
}
