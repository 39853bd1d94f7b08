<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** What of an outline lies in a convex one, by cutting it along each side in turn (Sutherland and Hodgman 1974). */
final class ConvexClip
{
    /**
     * Where the cut outline falls apart its pieces hang together by lines without area along the convex one.
     *
     * @param Ring $convex counter-clockwise
     */
    public static function part(Polygon $polygon, Ring $convex): ?Polygon
    {
        $rings = array_values(array_filter(array_map(static fn(Ring $ring): ?Ring => self::ringPart($ring, $convex), $polygon->rings())));

        return $rings === [] ? null : new Polygon($rings[0], array_slice($rings, 1));
    }

    /**
     * In mm².
     *
     * @param Ring $convex counter-clockwise
     */
    public static function area(Polygon $polygon, Ring $convex): float
    {
        $area = 0.0;
        foreach ($polygon->rings() as $number => $ring) {
            $part = self::ringArea($ring, $convex);
            $area += $number === 0 ? $part : -$part;
        }

        return $area;
    }

    /**
     * A convex outline with a margin left away along each side; null when nothing is left.
     *
     * @param Ring                  $convex counter-clockwise
     * @param callable(Segment): float $by     the margin of a side, mm
     */
    public static function inset(Ring $convex, callable $by): ?Ring
    {
        $points = array_map(static fn(Point $point): array => [$point->x, $point->y], $convex->points);
        foreach ($convex->edges() as $side) {
            $length = $side->length();
            if ($length < 1e-9) {
                continue;
            }
            [$dx, $dy] = [($side->to->x - $side->from->x) / $length, ($side->to->y - $side->from->y) / $length];
            $margin = $by($side);
            $points = self::cut($points, $side->from->x - $dy * $margin, $side->from->y + $dx * $margin, $dx, $dy);
            if ($points === []) {
                return null;
            }
        }

        return count($points) < 3 ? null : new Ring(array_map(static fn(array $point): Point => new Point(...$point), $points));
    }

    private static function ringPart(Ring $ring, Ring $convex): ?Ring
    {
        $points = self::cutAll($ring, $convex);

        return count($points) < 3 ? null : new Ring(array_map(static fn(array $point): Point => new Point(...$point), $points));
    }

    private static function ringArea(Ring $ring, Ring $convex): float
    {
        $points = self::cutAll($ring, $convex);
        $sum = 0.0;
        foreach ($points as $i => [$x, $y]) {
            [$nextX, $nextY] = $points[$i + 1] ?? $points[0];
            $sum += $x * $nextY - $nextX * $y;
        }

        return abs($sum) / 2;
    }

    /** @return list<array{float, float}> */
    private static function cutAll(Ring $ring, Ring $convex): array
    {
        $points = [];
        foreach ($ring->points as $point) {
            $points[] = [$point->x, $point->y];
        }
        $before = $convex->points[count($convex->points) - 1];
        foreach ($convex->points as $corner) {
            $points = self::cut($points, $before->x, $before->y, $corner->x - $before->x, $corner->y - $before->y);
            if ($points === []) {
                return [];
            }
            $before = $corner;
        }

        return $points;
    }

    /**
     * What lies to the left of a line through a point.
     *
     * @param non-empty-list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    private static function cut(array $points, float $x, float $y, float $dx, float $dy): array
    {
        $kept = [];
        $from = $points[count($points) - 1];
        $fromSide = $dx * ($from[1] - $y) - $dy * ($from[0] - $x);
        foreach ($points as $point) {
            $side = $dx * ($point[1] - $y) - $dy * ($point[0] - $x);
            if (($side < 0) !== ($fromSide < 0)) {
                $share = $fromSide / ($fromSide - $side);
                $kept[] = [$from[0] + $share * ($point[0] - $from[0]), $from[1] + $share * ($point[1] - $from[1])];
            }
            if ($side >= 0) {
                $kept[] = $point;
            }
            [$from, $fromSide] = [$point, $side];
        }

        return $kept;
    }
}
