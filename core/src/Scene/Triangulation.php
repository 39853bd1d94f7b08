<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;

/**
 * A polygon with holes cut into triangles by ear clipping (Meisters 1975, from memory), each hole joined to the outline by a bridge first.
 * No corners are added, so that triangles of neighbours meet corner to corner.
 */
final class Triangulation
{
    /** Twice the area of a triangle that counts as one, mm². */
    private const FLAT = 1e-6;

    /** @return list<array{Point, Point, Point}> counter-clockwise */
    public static function of(Polygon $polygon): array
    {
        $outline = $polygon->outer->counterClockwise()->points;
        $holes = array_map(static fn(Ring $hole): array => array_reverse($hole->counterClockwise()->points), $polygon->holes);
        while ($holes !== []) {
            [$hole, $outline] = self::bridged($outline, $holes);
            unset($holes[$hole]);
        }

        return self::clipped($outline);
    }

    /**
     * The outline led around the hole that is nearest to it, and back.
     *
     * @param list<Point>                  $outline
     * @param non-empty-array<list<Point>> $holes clockwise
     *
     * @return array{int, list<Point>} which hole, and the outline with it
     */
    private static function bridged(array $outline, array $holes): array
    {
        $ways = [];
        foreach ($holes as $hole => $points) {
            foreach ($points as $start => $from) {
                foreach ($outline as $to => $corner) {
                    $ways[] = [$from->distanceTo($corner), $hole, $start, $to];
                }
            }
        }
        usort($ways, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($ways as [, $hole, $start, $to]) {
            $from = $holes[$hole][$start];
            if (self::leadsInside($outline, $to, $from) && self::isClear($outline[$to], $from, [$outline, ...array_values($holes)])) {
                $around = [...array_slice($holes[$hole], $start), ...array_slice($holes[$hole], 0, $start), $from];

                return [$hole, [...array_slice($outline, 0, $to + 1), ...$around, ...array_slice($outline, $to)]];
            }
        }

        throw new \LogicException('A hole that cannot be seen from the outline.');
    }

    /**
     * Does the way from a corner to a place begin in the polygon?
     *
     * @param list<Point> $outline counter-clockwise
     */
    private static function leadsInside(array $outline, int $corner, Point $place): bool
    {
        $count = count($outline);
        $at = $outline[$corner];
        [$before, $after] = [$outline[($corner + $count - 1) % $count]->minus($at), $outline[($corner + 1) % $count]->minus($at)];
        $way = $place->minus($at);

        return $after->cross($before) > 0.0
            ? $after->cross($way) > 0.0 && $way->cross($before) > 0.0
            : !($before->cross($way) >= 0.0 && $way->cross($after) >= 0.0);
    }

    /**
     * Is nothing between two corners?
     *
     * @param list<list<Point>> $rings
     */
    private static function isClear(Point $from, Point $to, array $rings): bool
    {
        foreach ($rings as $points) {
            foreach ($points as $number => $a) {
                $b = $points[($number + 1) % count($points)];
                $isEnd = self::areSame($a, $from) || self::areSame($a, $to);
                if (!$isEnd && self::isBetween($a, $from, $to)) {
                    return false;
                }
                if (!$isEnd && !self::areSame($b, $from) && !self::areSame($b, $to) && self::cross($from, $to, $a, $b)) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function cross(Point $a, Point $b, Point $c, Point $d): bool
    {
        return self::twice($a, $b, $c) * self::twice($a, $b, $d) <= 0.0 && self::twice($c, $d, $a) * self::twice($c, $d, $b) <= 0.0;
    }

    /** On the way from one corner to another, but at neither. */
    private static function isBetween(Point $point, Point $from, Point $to): bool
    {
        $way = $to->minus($from);
        $along = $way->dot($point->minus($from)) / max(1e-12, $way->dot($way));

        return abs(self::twice($from, $to, $point)) <= self::FLAT * max(1.0, $way->length()) && $along > 0.0 && $along < 1.0;
    }

    /**
     * @param list<Point> $points counter-clockwise
     *
     * @return list<array{Point, Point, Point}>
     */
    private static function clipped(array $points): array
    {
        $triangles = [];
        while (count($points) > 3) {
            $ear = self::ear($points, true) ?? self::ear($points, false) ?? self::flat($points);
            if ($ear === null) {
                break;
            }
            $count = count($points);
            $triangles[] = [$points[($ear + $count - 1) % $count], $points[$ear], $points[($ear + 1) % $count]];
            array_splice($points, $ear, 1);
        }
        if (count($points) === 3) {
            $triangles[] = [$points[0], $points[1], $points[2]];
        }

        return $triangles;
    }

    /**
     * A corner whose triangle holds no other corner.
     *
     * @param list<Point> $points
     * @param bool        $isStrict nor has one on the edge that is new
     */
    private static function ear(array $points, bool $isStrict): ?int
    {
        $count = count($points);
        foreach ($points as $number => $corner) {
            [$before, $after] = [$points[($number + $count - 1) % $count], $points[($number + 1) % $count]];
            if (self::twice($before, $corner, $after) <= self::FLAT) {
                continue;
            }
            $isFree = true;
            foreach ($points as $other) {
                $isCorner = self::areSame($other, $before) || self::areSame($other, $corner) || self::areSame($other, $after);
                $isOnNewEdge = $isStrict && self::isBetween($other, $before, $after);
                if (!$isCorner && ($isOnNewEdge || self::isIn($other, $before, $corner, $after))) {
                    $isFree = false;
                    break;
                }
            }
            if ($isFree) {
                return $number;
            }
        }

        return null;
    }

    /**
     * A corner on a straight edge, which leaves nothing behind.
     *
     * @param list<Point> $points
     */
    private static function flat(array $points): ?int
    {
        $count = count($points);
        foreach ($points as $number => $corner) {
            if (abs(self::twice($points[($number + $count - 1) % $count], $corner, $points[($number + 1) % $count])) <= self::FLAT) {
                return $number;
            }
        }

        return null;
    }

    /** Within a triangle that turns to the left, its edges left aside. */
    private static function isIn(Point $point, Point $a, Point $b, Point $c): bool
    {
        return min(self::twice($a, $b, $point), self::twice($b, $c, $point), self::twice($c, $a, $point)) > self::FLAT;
    }

    private static function twice(Point $a, Point $b, Point $c): float
    {
        return $b->minus($a)->cross($c->minus($a));
    }

    private static function areSame(Point $one, Point $other): bool
    {
        return abs($one->x - $other->x) < 1e-9 && abs($one->y - $other->y) < 1e-9;
    }
}
