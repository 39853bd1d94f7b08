<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Which clockwise rings (holes) lie in which counter-clockwise rings, when no two rings cross. */
final class Nesting
{
    /**
     * @param list<Ring> $rings
     *
     * @return list<Polygon>
     */
    public static function polygons(array $rings): array
    {
        $holes = [];
        foreach (self::parents($rings) as $hole => $parent) {
            if ($parent !== null) {
                $holes[$parent][] = $rings[$hole];
            }
        }
        $polygons = [];
        foreach ($rings as $number => $ring) {
            if ($ring->signedArea() > 0) {
                $polygons[] = new Polygon($ring, $holes[$number] ?? []);
            }
        }

        return $polygons;
    }

    /**
     * @param list<Ring> $rings
     *
     * @return array<int, int|null> each hole's number to the smallest ring around it, null when there is none
     */
    public static function parents(array $rings): array
    {
        $outers = [];
        foreach ($rings as $number => $ring) {
            if ($ring->signedArea() > 0) {
                $outers[$number] = $ring->area();
            }
        }
        asort($outers);
        $boxes = array_map(static fn(Ring $ring): Box => $ring->bounds(), $rings);
        $parents = [];
        foreach ($rings as $number => $ring) {
            if (!isset($outers[$number])) {
                $parents[$number] = self::smallestAround($ring, array_keys($outers), $rings, $boxes);
            }
        }

        return $parents;
    }

    /**
     * @param list<int>  $outers by growing area
     * @param list<Ring> $rings
     * @param list<Box>  $boxes
     */
    private static function smallestAround(Ring $hole, array $outers, array $rings, array $boxes): ?int
    {
        foreach ($outers as $number) {
            if ($rings[$number]->area() > $hole->area() * (1 + 1e-9) && self::isWithin($hole, $rings[$number], $boxes[$number])) {
                return $number;
            }
        }

        return null;
    }

    /** A hole may touch its parent at corners, so a corner that is plainly inside or outside decides. */
    private static function isWithin(Ring $hole, Ring $outer, Box $box): bool
    {
        foreach ($hole->edges() as $edge) {
            $point = $edge->middle();
            if (!$box->grown(Vertices::SNAP)->contains($point)) {
                return false;
            }
            if (!self::isOnLine($outer, $point)) {
                return $outer->contains($point);
            }
        }

        return true;
    }

    private static function isOnLine(Ring $ring, Point $point): bool
    {
        foreach ($ring->edges() as $edge) {
            if ($edge->distanceTo($point) < Vertices::SNAP) {
                return true;
            }
        }

        return false;
    }
}
