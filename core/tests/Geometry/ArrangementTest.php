<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ArrangementTest extends TestCase
{
    public function test_union_of_overlapping_squares(): void
    {
        $union = self::wanted([self::square(0, 0, 10), self::square(5, 5, 10)], static fn(Face $face): bool => $face->depth(0) > 0);
        self::assertCount(1, $union);
        self::assertEqualsWithDelta(175.0, $union[0]->area(), 1e-9);
    }

    public function test_intersection_and_difference(): void
    {
        $squares = [self::square(0, 0, 10), self::square(5, 5, 10)];
        $both = self::wanted($squares, static fn(Face $face): bool => $face->depth(0) > 1);
        self::assertEqualsWithDelta(25.0, $both[0]->area(), 1e-9);

        $lines = [...Line::around($squares[0], 0, 0), ...Line::around($squares[1], 0, 1)];
        $left = (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) <= 0);
        self::assertEqualsWithDelta(75.0, $left[0]->area(), 1e-9);
    }

    public function test_squares_that_share_an_edge_become_one(): void
    {
        $union = self::wanted([self::square(0, 0, 10), self::square(10, 0, 10)], static fn(Face $face): bool => $face->depth(0) > 0);
        self::assertCount(1, $union);
        self::assertEqualsWithDelta(200.0, $union[0]->area(), 1e-9);
    }

    public function test_a_hole_is_kept(): void
    {
        $frame = [
            new Ring([new Point(0, 0), new Point(10, 0), new Point(10, 2), new Point(0, 2)]),
            new Ring([new Point(0, 8), new Point(10, 8), new Point(10, 10), new Point(0, 10)]),
            new Ring([new Point(0, 0), new Point(2, 0), new Point(2, 10), new Point(0, 10)]),
            new Ring([new Point(8, 0), new Point(10, 0), new Point(10, 10), new Point(8, 10)]),
        ];
        $union = self::wanted($frame, static fn(Face $face): bool => $face->depth(0) > 0);
        self::assertCount(1, $union);
        self::assertCount(1, $union[0]->holes);
        self::assertEqualsWithDelta(64.0, $union[0]->area(), 1e-9);
    }

    public function test_an_island_inside_a_hole_is_a_polygon_of_its_own(): void
    {
        $lines = [
            ...Line::around(self::square(0, 0, 30), 0, 0),
            ...Line::around(self::square(5, 5, 20), 0, 1),
            ...Line::around(self::square(10, 10, 5), 0, 0),
        ];
        $polygons = (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) - $face->depth(1) > 0);
        $areas = array_map(static fn(Polygon $polygon): float => $polygon->area(), $polygons);
        sort($areas);
        self::assertEqualsWithDelta([25.0, 500.0], $areas, 1e-9);
    }

    public function test_a_line_through_a_square_parts_it(): void
    {
        $lines = [...Line::around(self::square(0, 0, 10)), new Line(new Segment(new Point(4, -1), new Point(4, 11)))];
        $faces = (new Arrangement($lines))->facePolygons(static fn(Face $face): bool => $face->depth(0) > 0);
        $areas = array_map(static fn(Polygon $polygon): float => $polygon->area(), array_values($faces));
        sort($areas);
        self::assertEqualsWithDelta([40.0, 60.0], $areas, 1e-9);
    }

    public function test_a_line_that_ends_in_the_open_parts_nothing(): void
    {
        $lines = [...Line::around(self::square(0, 0, 10)), new Line(new Segment(new Point(4, 0), new Point(4, 6)))];
        $faces = (new Arrangement($lines))->facePolygons(static fn(Face $face): bool => $face->depth(0) > 0);
        self::assertCount(1, $faces);
        self::assertEqualsWithDelta(100.0, array_values($faces)[0]->area(), 1e-9);
    }

    /** @return iterable<array{int, int}> up to 300 lines are gone through from left to right, of more those near each are looked up */
    public static function lattices(): iterable
    {
        yield [2, 2];
        yield [7, 40];
        yield [288, 11];
        yield [289, 11];
        yield [290, 11];
    }

    #[DataProvider('lattices')]
    public function test_a_lattice_has_all_its_cells(int $upright, int $level): void
    {
        $lines = [];
        for ($i = 0; $i < $upright; ++$i) {
            $lines[] = new Line(new Segment(new Point(10 * $i, 0), new Point(10 * $i, 10 * ($level - 1))));
        }
        for ($i = 0; $i < $level; ++$i) {
            $lines[] = new Line(new Segment(new Point(10 * ($upright - 1), 10 * $i), new Point(0, 10 * $i)));
        }
        $cells = (new Arrangement($lines))->facePolygons(static fn(Face $face): bool => true);
        self::assertCount(($upright - 1) * ($level - 1), $cells);
        foreach ($cells as $cell) {
            self::assertEqualsWithDelta(100.0, $cell->area(), 1e-9);
        }
    }

    public function test_lines_nearer_than_the_snap_meet_and_others_do_not(): void
    {
        $cells = static fn(float $gap): int => count((new Arrangement([
            ...array_map(static fn(Segment $edge): Line => new Line($edge), self::square(0, 0, 10)->edges()),
            new Line(new Segment(new Point(5, $gap), new Point(5, 10))),
        ]))->facePolygons(static fn(Face $face): bool => true));
        // points nearer than a thousandth of a millimetre are one
        self::assertSame([2, 2, 1, 1], [$cells(0.0), $cells(0.0009), $cells(0.0011), $cells(0.01)]);
    }

    public function test_crossing_lines_at_a_slant(): void
    {
        $diamond = new Ring([new Point(5, -2), new Point(12, 5), new Point(5, 12), new Point(-2, 5)]);
        $both = self::wanted([self::square(0, 0, 10), $diamond], static fn(Face $face): bool => $face->depth(0) > 1);
        // the diamond's 98 less its four tips that stand out by 2: each a triangle of 4
        self::assertEqualsWithDelta(98.0 - 4 * 4.0, $both[0]->area(), 1e-9);
    }

    private static function square(float $x, float $y, float $side): Ring
    {
        return Ring::rectangle(new Point($x, $y), new Point($side, 0), new Point(0, $side));
    }

    /**
     * @param list<Ring>           $rings
     * @param callable(Face): bool $wanted
     *
     * @return list<Polygon>
     */
    private static function wanted(array $rings, callable $wanted): array
    {
        return (new Arrangement(array_merge(...array_map(static fn(Ring $ring): array => Line::around($ring), $rings))))->polygons($wanted);
    }
}
