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
        $parents = self::parents($rings);
        $holes = [];
        foreach ($parents as $hole => $parent) {
            if ($parent !== null) {
                $holes[$parent][] = $rings[$hole];
            }
        }
        $polygons = [];
        foreach ($rings as $number => $ring) {
            if (!array_key_exists($number, $parents)) {
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
        $outers = $holes = [];
        foreach ($rings as $number => $ring) {
            $area = $ring->signedArea();
            if ($area > 0) {
                $outers[$number] = $area;
            } else {
                $holes[$number] = -$area;
            }
        }
        $largest = $outers === [] ? 0.0 : max($outers);
        $grid = null;
        $parents = [];
        foreach ($holes as $number => $area) {
            if ($largest <= $area * (1 + 1e-9)) {
                $parents[$number] = null;

                continue;
            }
            $grid ??= self::grid($rings, $outers);
            $parents[$number] = self::smallestAround($rings[$number], $grid, $outers, $rings);
        }

        return $parents;
    }

    /**
     * @param list<Ring>        $rings
     * @param array<int, float> $outers by ring
     */
    private static function grid(array $rings, array $outers): BoxGrid
    {
        $boxes = [];
        foreach ($outers as $number => $_) {
            $boxes[$number] = $rings[$number]->bounds();
        }

        return new BoxGrid($boxes);
    }

    /**
     * @param array<int, float> $outers areas by ring
     * @param list<Ring>        $rings
     */
    private static function smallestAround(Ring $hole, BoxGrid $grid, array $outers, array $rings): ?int
    {
        $smallest = null;
        $area = $hole->area() * (1 + 1e-9);
        foreach ($grid->at($hole->points[0]) as $number) {
            $isSmaller = $smallest === null || $outers[$number] < $outers[$smallest];
            if ($isSmaller && $outers[$number] > $area && self::isWithin($hole, $rings[$number])) {
                $smallest = $number;
            }
        }

        return $smallest;
    }

    /** A hole may touch its parent at corners, so a corner that is plainly inside or outside decides. */
    private static function isWithin(Ring $hole, Ring $outer): bool
    {
        foreach ($hole->edges() as $edge) {
            $point = $edge->middle();
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
