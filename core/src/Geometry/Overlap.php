<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** What two outlines have in common. */
final class Overlap
{
    /** In square millimetres. */
    public static function area(Polygon $polygon, Ring $ring): float
    {
        return array_sum(array_map(static fn(Polygon $part): float => $part->area(), self::parts($polygon, $ring)));
    }

    /** @return list<Polygon> */
    public static function parts(Polygon $polygon, Ring $ring): array
    {
        $first = $polygon->bounds();
        $second = $ring->bounds();
        if ($first->right <= $second->left || $second->right <= $first->left || $first->top <= $second->bottom || $second->top <= $first->bottom) {
            return [];
        }

        return (new Arrangement([...Line::aroundPolygon($polygon, 0, 0), ...Line::around($ring, 0, 1)]))
            ->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) > 0);
    }
}
