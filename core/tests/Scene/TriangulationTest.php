<?php

declare(strict_types=1);

namespace Heurema\Tests\Scene;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Scene\Triangulation;
use PHPUnit\Framework\TestCase;

/** The triangles of a polygon cover it once: their areas add up to its area, and none is turned. */
final class TriangulationTest extends TestCase
{
    public function test_stars_with_holes_of_any_shape(): void
    {
        mt_srand(11);
        for ($try = 0; $try < 400; ++$try) {
            $outer = self::star(new Point(0, 0), 900, 1500, mt_rand(3, 30));
            $holes = [];
            foreach ([[-350, -350], [350, -350], [-350, 350], [350, 350]] as $number => [$x, $y]) {
                if ($number < mt_rand(0, 4)) {
                    $holes[] = self::star(new Point($x + mt_rand(-20, 20), $y + mt_rand(-20, 20)), 80, 200, mt_rand(3, 12));
                }
            }
            $holes = array_values(array_filter($holes, static fn(Ring $hole): bool => self::isInside($outer, $hole)));
            $this->assertCovers(new Polygon($outer, $holes), "try {$try}");
        }
    }

    public function test_polygons_with_straight_angles_and_notches(): void
    {
        $this->assertCovers(new Polygon(self::ring([[0, 0], [2, 0], [4, 0], [4, 3], [2, 3], [0, 3]])), 'straight angles');
        $this->assertCovers(new Polygon(self::ring([[0, 0], [4, 0], [4, 4], [3, 4], [3, 1], [1, 1], [1, 4], [0, 4]])), 'a U');
        $this->assertCovers(
            new Polygon(self::ring([[0, 0], [9, 0], [9, 9], [0, 9]]), [
                self::ring([[1, 1], [3, 1], [3, 3], [1, 3]]), self::ring([[6, 1], [8, 1], [8, 3], [6, 3]]), self::ring(
                    [[1, 6], [3, 6], [3, 8], [1, 8]],
                ),
            ]),
            'holes in a row',
        );
    }

    private function assertCovers(Polygon $polygon, string $which): void
    {
        // holes run clockwise
        $polygon = new Polygon($polygon->outer, array_map(
            static fn(Ring $hole): Ring => new Ring(array_reverse($hole->counterClockwise()->points)),
            $polygon->holes,
        ));
        $sum = 0.0;
        $triangles = Triangulation::of($polygon);
        foreach ($triangles as [$a, $b, $c]) {
            $twice = $b->minus($a)->cross($c->minus($a));
            self::assertGreaterThanOrEqual(-1e-6, $twice, $which);
            $sum += $twice / 2;
        }
        self::assertEqualsWithDelta($polygon->area(), $sum, 1e-6 * $polygon->area(), $which);
        $corners = array_sum(array_map(static fn(Ring $ring): int => count($ring->points), $polygon->rings()));
        self::assertCount($corners + 2 * count($polygon->holes) - 2, $triangles, $which);
    }

    private static function star(Point $middle, int $least, int $most, int $corners): Ring
    {
        return new Ring(array_map(
            static fn(int $corner): Point => $middle->plus(Point::towards($corner * 360.0 / $corners)->times(mt_rand($least, $most))),
            range(0, max(2, $corners - 1)),
        ));
    }

    /** @param non-empty-list<array{int, int}> $corners */
    private static function ring(array $corners): Ring
    {
        return new Ring(array_map(static fn(array $one): Point => new Point($one[0], $one[1]), $corners));
    }

    private static function isInside(Ring $outer, Ring $hole): bool
    {
        foreach ($hole->edges() as $edge) {
            foreach ($outer->edges() as $other) {
                if ($edge->shortestTo($other)->length() < 1.0) {
                    return false;
                }
            }
        }

        return $outer->contains($hole->points[0]);
    }
}
