<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Remainder;
use Heurema\Geometry\Ring;
use PHPUnit\Framework\TestCase;

/** What outlines that are cut out leave of shapes. */
final class RemainderTest extends TestCase
{
    public function test_nothing_cut_leaves_the_shape(): void
    {
        $shape = self::square(0, 0, 1000);
        self::assertSame([$shape], Remainder::of([$shape], []));
        self::assertSame([], Remainder::of([], [self::square(0, 0, 10)->outer]));
    }

    public function test_a_hole_an_edge_and_all_of_it(): void
    {
        $shape = self::square(0, 0, 1000);
        $holed = Remainder::of([$shape], [self::square(400, 400, 200)->outer]);
        self::assertCount(1, $holed);
        self::assertCount(1, $holed[0]->holes);
        self::assertEqualsWithDelta(960_000.0, $holed[0]->area(), 0.01);
        self::assertEqualsWithDelta(750_000.0, self::area(Remainder::of([$shape], [self::square(500, 500, 900)->outer])), 0.01);
        self::assertSame([], Remainder::of([$shape], [self::square(-1, -1, 1002)->outer]));
    }

    public function test_cuts_that_overlap_count_once_and_shapes_that_do_too(): void
    {
        $cuts = [self::square(0, 0, 600)->outer, self::square(300, 300, 600)->outer];
        self::assertEqualsWithDelta(1e6 - (2 * 360_000.0 - 90_000.0), self::area(Remainder::of([self::square(0, 0, 1000)], $cuts)), 0.01);
        $shapes = [self::square(0, 0, 1000), self::square(500, 0, 1000)];
        self::assertEqualsWithDelta(1_500_000.0, self::area(Remainder::of($shapes, [])), 0.01);
    }

    /** @param list<Polygon> $parts */
    private static function area(array $parts): float
    {
        return array_sum(array_map(static fn(Polygon $part): float => $part->area(), $parts));
    }

    private static function square(float $x, float $y, float $side): Polygon
    {
        return new Polygon(new Ring([
            new Point($x, $y), new Point($x + $side, $y), new Point($x + $side, $y + $side), new Point($x, $y + $side),
        ]));
    }
}
