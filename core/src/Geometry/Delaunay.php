<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * Triangles between places whose circles hold no other place (Delaunay 1934), place after place as Bowyer and Watson (The Computer Journal
 * 24, 1981) have it. In mm.
 */
final class Delaunay
{
    /** Places nearer to one another are one, mm; a triangle of less than this area is none, mm². */
    private const NEAR = 0.1;
    private const FLAT = 1.0;

    /**
     * @param list<Point> $places
     *
     * @return list<array{Point, Point, Point}> counter-clockwise; together the convex hull of the places
     */
    public static function triangles(array $places): array
    {
        $places = self::apart($places);
        if (count($places) < 3) {
            return [];
        }
        $box = Box::around($places);
        $reach = 1000.0 * max($box->width(), $box->height(), 1.0);
        $middle = $box->middle();
        $outer = [
            $middle->plus(new Point(-$reach, -$reach)), $middle->plus(new Point($reach, -$reach)), $middle->plus(new Point(0.0, $reach)),
        ];
        $triangles = [$outer];
        foreach ($places as $place) {
            $triangles = self::with($triangles, $place);
        }

        return array_values(array_filter($triangles, static fn(array $triangle): bool => array_filter(
            $triangle,
            static fn(Point $corner): bool => in_array($corner, $outer, true),
        ) === [] && self::twice(...$triangle) > 2 * self::FLAT));
    }

    /**
     * @param list<Point> $places
     *
     * @return list<Point>
     */
    private static function apart(array $places): array
    {
        $kept = [];
        foreach ($places as $place) {
            if (array_filter($kept, static fn(Point $one): bool => $one->distanceTo($place) < self::NEAR) === []) {
                $kept[] = $place;
            }
        }

        return $kept;
    }

    /**
     * Those whose circle holds the place make room for triangles from it to the edges around them.
     *
     * @param list<array{Point, Point, Point}> $triangles
     *
     * @return list<array{Point, Point, Point}>
     */
    private static function with(array $triangles, Point $place): array
    {
        $kept = $edges = [];
        foreach ($triangles as $triangle) {
            if (!self::holds($triangle, $place)) {
                $kept[] = $triangle;
                continue;
            }
            foreach ([[0, 1], [1, 2], [2, 0]] as [$from, $to]) {
                $edges[] = [$triangle[$from], $triangle[$to]];
            }
        }
        foreach ($edges as [$from, $to]) {
            // an edge between two of them is met the other way round, too
            if (!in_array([$to, $from], $edges, true)) {
                $kept[] = [$from, $to, $place];
            }
        }

        return $kept;
    }

    /** @param array{Point, Point, Point} $triangle counter-clockwise */
    private static function holds(array $triangle, Point $place): bool
    {
        [$a, $b, $c] = array_map(static fn(Point $corner): Point => $corner->minus($place), $triangle);

        return $a->dot($a) * $b->cross($c) + $b->dot($b) * $c->cross($a) + $c->dot($c) * $a->cross($b) > 0.0;
    }

    private static function twice(Point $a, Point $b, Point $c): float
    {
        return $b->minus($a)->cross($c->minus($a));
    }
}
