<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** What is left of shapes when outlines are cut out of them. */
final class Remainder
{
    /**
     * @param list<Polygon> $shapes
     * @param list<Ring>    $cut
     *
     * @return list<Polygon>
     */
    public static function of(array $shapes, array $cut): array
    {
        if ($cut === [] && count($shapes) < 2) {
            return $shapes;
        }
        $lines = [];
        foreach ($shapes as $shape) {
            array_push($lines, ...Line::aroundPolygon($shape, 0, 0));
        }
        foreach ($cut as $ring) {
            array_push($lines, ...Line::around($ring, 0, 1));
        }

        return (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) <= 0);
    }
}
