<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** What two outlines have in common. */
final class Overlap
{
    /** What lies this near an outline, mm, is looked at. */
    private const BESIDE = 1.0;

    /** Less than this, mm², is rounding. */
    private const NOTHING_MM2 = 1e-3;

    /** What lies this near a side, mm, lies on it. */
    private const ON_SIDE = 1e-6;

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
        if (
            $first->right <= $second->left
            || $second->right <= $first->left
            || $first->top <= $second->bottom
            || $second->top <= $first->bottom
        ) {
            return [];
        }
        $ring = $ring->counterClockwise();
        if ($ring->isConvex()) {
            return self::inConvex($polygon, $ring);
        }

        // only what is near takes part: a storey's walls are one large polygon
        $near = ConvexClip::part($polygon, self::around($second->grown(self::BESIDE)));
        if ($near === null) {
            return [];
        }

        return (new Arrangement([...Line::aroundPolygon($near, 0, 0), ...Line::around($ring, 0, 1)]))
            ->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) > 0);
    }

    /** @return list<Polygon> */
    private static function inConvex(Polygon $polygon, Ring $ring): array
    {
        $parts = WindowClip::parts($polygon, $ring);
        if ($parts !== null) {
            return array_values(array_filter($parts, static fn(Polygon $part): bool => $part->area() > self::NOTHING_MM2));
        }
        $part = ConvexClip::part($polygon, $ring);
        // all of it may lie in a hole, or only touch one
        if ($part === null || $part->area() <= self::NOTHING_MM2) {
            return [];
        }
        $holes = array_filter($part->holes, static fn(Ring $hole): bool => $hole->area() > self::NOTHING_MM2);
        if ($holes === [] && ($part->outer->isConvex() || !self::isBridged($part->outer, $ring))) {
            return [new Polygon($part->outer->simplified())];
        }

        // what hangs together by lines without area falls apart where they lie on one another
        return (new Arrangement(Line::aroundPolygon($part)))->polygons(static fn(Face $face): bool => $face->depth(0) > 0);
    }

    /** Is some of what they have in common wider than this, mm? What only grazes is a sliver, however long. */
    public static function isWiderThan(float $width, Polygon $polygon, Ring $ring): bool
    {
        foreach (self::parts($polygon, $ring) as $part) {
            if ($part->thickness() > $width) {
                return true;
            }
        }

        return false;
    }

    /** Do pieces hang together by lines that run back along the sides of what they were clipped by? */
    private static function isBridged(Ring $part, Ring $ring): bool
    {
        foreach ($ring->edges() as $side) {
            $along = $side->direction();
            foreach ($part->edges() as $edge) {
                if (
                    $edge->vector()->dot($along) < 0
                    && abs($side->leftOf($edge->from)) < self::ON_SIDE
                    && abs($side->leftOf($edge->to)) < self::ON_SIDE
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function around(Box $box): Ring
    {
        return Ring::rectangle(new Point($box->left, $box->bottom), new Point($box->width(), 0), new Point(0, $box->height()));
    }
}
