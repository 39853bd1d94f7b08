<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Delaunay;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Triangles that cover the hull of places once, and whose circles hold no other place. */
final class DelaunayTest extends TestCase
{
    /** @return iterable<string, array{list<Point>, float}> places and the area of their hull, mm² */
    public static function places(): iterable
    {
        mt_srand(20261129);
        $square = [[0, 0], [10000, 0], [10000, 10000], [0, 10000]];
        for ($case = 1; $case <= 60; ++$case) {
            $turn = $case * 0.1;
            $inside = array_map(
                static fn(): array => $case % 2 === 0
                    ? [mt_rand(0, 1000) * 10, mt_rand(0, 1000) * 10]
                    : [mt_rand(0, 4) * 2500, mt_rand(0, 4) * 2500],
                range(1, $case % 14 + 1),
            );
            yield "places {$case}" => [array_map(
                static fn(array $at): Point => new Point(
                    $at[0] * cos($turn) - $at[1] * sin($turn) + 3e5,
                    $at[0] * sin($turn) + $at[1] * cos($turn),
                ),
                [...$square, ...$inside],
            ), 1e8];
        }
    }

    /** @param list<Point> $places */
    #[DataProvider('places')]
    public function test_triangles_cover_the_hull_once_and_hold_no_other_place(array $places, float $area): void
    {
        $triangles = Delaunay::triangles($places);
        self::assertEqualsWithDelta(
            $area,
            array_sum(array_map(static fn(array $triangle): float => (new Ring($triangle))->area(), $triangles)),
            50.0,
        );
        foreach ($triangles as [$a, $b, $c]) {
            self::assertGreaterThan(0.0, $b->minus($a)->cross($c->minus($a)));
            [$middle, $radius] = self::circle($a, $b, $c);
            foreach ($places as $place) {
                self::assertGreaterThan($radius - 0.01, $place->distanceTo($middle));
            }
        }
    }

    public function test_fewer_than_three_places_and_places_in_a_line_have_none(): void
    {
        self::assertSame([], Delaunay::triangles([]));
        self::assertSame([], Delaunay::triangles([new Point(0, 0), new Point(1000, 0)]));
        self::assertSame([], Delaunay::triangles([new Point(0, 0), new Point(0, 0), new Point(1000, 0)]));
        self::assertSame([], Delaunay::triangles([new Point(0, 0), new Point(1000, 500), new Point(2000, 1000), new Point(4000, 2000)]));
    }

    /** @return array{Point, float} by the perpendicular bisectors */
    private static function circle(Point $a, Point $b, Point $c): array
    {
        $twice = 2 * ($a->x * ($b->y - $c->y) + $b->x * ($c->y - $a->y) + $c->x * ($a->y - $b->y));
        [$ofA, $ofB, $ofC] = [$a->dot($a), $b->dot($b), $c->dot($c)];
        $middle = new Point(
            ($ofA * ($b->y - $c->y) + $ofB * ($c->y - $a->y) + $ofC * ($a->y - $b->y)) / $twice,
            ($ofA * ($c->x - $b->x) + $ofB * ($a->x - $c->x) + $ofC * ($b->x - $a->x)) / $twice,
        );

        return [$middle, $middle->distanceTo($a)];
    }
}
