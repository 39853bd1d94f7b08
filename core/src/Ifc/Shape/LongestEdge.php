<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Geometry\Point;

/** The way that the longest level edge of some bodies runs. */
final class LongestEdge
{
    /** Shorter edges, mm, lead nowhere; an edge that rises by more is not level. */
    private const SAME = 1.0;

    /**
     * @param list<Solid> $solids
     *
     * @return Point|null of length 1; null where no edge is level
     */
    public static function way(array $solids): ?Point
    {
        [$longest, $way] = [self::SAME, null];
        foreach ($solids as $solid) {
            foreach ($solid->faces as $face) {
                foreach ($face as $number => $corner) {
                    $edge = $face[($number + 1) % count($face)]->minus($corner);
                    $length = hypot($edge->x, $edge->y);
                    if (abs($edge->z) < self::SAME && $length > $longest) {
                        [$longest, $way] = [$length, new Point($edge->x / $length, $edge->y / $length)];
                    }
                }
            }
        }

        return $way;
    }
}
