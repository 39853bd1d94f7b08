<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A floor of 10 by 10 with an opening from 3 to 7 both ways, and what of it lies in a rectangle. */
final class OverlapTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, float, float, int}> left, bottom, right, top; area and number of the parts */
    public static function rectangles(): iterable
    {
        yield 'on the floor' => [0, 0, 2, 2, 4, 1];
        yield 'in the opening' => [4, 4, 6, 6, 0, 0];
        yield 'as large as the opening' => [3, 3, 7, 7, 0, 0];
        yield 'along the edge of the opening, outside' => [1, 3, 3, 7, 8, 1];
        yield 'along the edge of the opening, inside' => [3, 4, 4, 6, 0, 0];
        yield 'a corner on the opening\'s corner' => [1, 1, 3, 3, 4, 1];
        yield 'half in the opening' => [2, 4, 4, 6, 2, 1];
        yield 'across the opening' => [2, 4, 8, 6, 4, 2];
        yield 'around the opening' => [2, 2, 8, 8, 20, 1];
        yield 'beside the floor' => [10, 0, 12, 2, 0, 0];
        yield 'far away' => [50, 50, 60, 60, 0, 0];
        yield 'half off the floor' => [-1, 0, 1, 2, 2, 1];
        yield 'around everything' => [-1, -1, 11, 11, 84, 1];
    }

    #[DataProvider('rectangles')]
    public function test_what_a_rectangle_has_of_a_floor_with_an_opening(
        float $left,
        float $bottom,
        float $right,
        float $top,
        float $area,
        int $parts,
    ): void {
        $floor = new Polygon(self::rectangle(0, 0, 10, 10), [self::backwards(self::rectangle(3, 3, 7, 7))]);
        foreach ([self::rectangle($left, $bottom, $right, $top), self::backwards(self::rectangle($left, $bottom, $right, $top))] as $ring) {
            $found = Overlap::parts($floor, $ring);
            self::assertCount($parts, $found);
            self::assertEqualsWithDelta($area, array_sum(array_map(static fn(Polygon $part): float => $part->area(), $found)) / 1e6, 1e-9);
            self::assertEqualsWithDelta($area, Overlap::area($floor, $ring) / 1e6, 1e-9);
        }
    }

    public function test_a_ring_that_is_not_convex(): void
    {
        $floor = new Polygon(self::rectangle(0, 0, 10, 10), [self::backwards(self::rectangle(3, 3, 7, 7))]);
        // an angle along two sides of the opening
        $angle = new Ring(array_map(
            static fn(array $at): Point => new Point(1000 * $at[0], 1000 * $at[1]),
            [[2, 2], [8, 2], [8, 4], [4, 4], [4, 8], [2, 8]],
        ));
        self::assertEqualsWithDelta(20.0 - 7.0, Overlap::area($floor, $angle) / 1e6, 1e-9);
    }

    private static function rectangle(float $left, float $bottom, float $right, float $top): Ring
    {
        return Ring::rectangle(
            new Point(1000 * $left, 1000 * $bottom),
            new Point(1000 * ($right - $left), 0),
            new Point(0, 1000 * ($top - $bottom)),
        );
    }

    private static function backwards(Ring $ring): Ring
    {
        return new Ring(array_reverse($ring->points));
    }
}
