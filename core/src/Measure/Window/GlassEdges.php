<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Geometry\Segment;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;

/** Where the glass of a window begins and ends: on plan, and above the floor. */
final class GlassEdges
{
    /** The stretch of the wall's centre line that the glass takes; null when the width is not known. */
    public static function onPlan(PlacedOpening $window): ?Segment
    {
        if ($window->opening->width === null) {
            return null;
        }
        $span = $window->span();
        $frame = min(GlassOpening::frame($window), $span->length() / 2 - 0.1);

        return new Segment($span->at($frame), $span->at($span->length() - $frame));
    }

    /**
     * The shortest line from the glass, as it is seen from a room, to some edges.
     *
     * @param list<Segment> $edges
     */
    public static function nearest(PlacedOpening $window, RoomSpace $room, array $edges): ?Segment
    {
        $glass = self::onPlan($window)?->offset(($window->left->isRoom($room) ? 1 : -1) * $window->wall->thickness / 2);
        $lines = $glass === null ? [] : array_map($glass->shortestTo(...), $edges);
        usort($lines, static fn(Segment $a, Segment $b): int => $a->length() <=> $b->length());

        return $lines[0] ?? null;
    }

    /** @return list<RoomSpace> on either side of the window */
    public static function rooms(PlacedOpening $window): array
    {
        return array_values(array_filter([$window->left->room, $window->right->room]));
    }
}
