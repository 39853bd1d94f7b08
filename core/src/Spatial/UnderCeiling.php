<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Layout\SlopedCeiling;

/** How what stands in a room, or is in its walls, fits below its ceiling. In mm. */
final class UnderCeiling
{
    /**
     * The lowest ceiling over some points of a room, soffits left aside; null when nobody said how high it is.
     *
     * @param list<Point> $points
     */
    public static function over(array $points, RoomSpace $room): ?float
    {
        $ceiling = $room->ceiling();

        return $ceiling instanceof SlopedCeiling
            ? min(array_map($ceiling->heightAt(...), $points === [] ? [$room->room->at] : $points))
            : $ceiling;
    }

    /** The lowest ceiling over an opening, on that side of its wall where a room is; null when it is not known or no room is there. */
    public static function overOpening(PlacedOpening $opening, RoomSpace $room): ?float
    {
        $face = $opening->spanAt(($opening->left->isRoom($room) ? 1 : -1) * $opening->wall->thickness / 2);

        return self::over([$face->from, $face->to], $room);
    }

    /** How much of an opening's height lies below the ceiling of a room, from 0 to 1; 1 where a height is not known. */
    public static function share(PlacedOpening $opening, RoomSpace $room): float
    {
        $ceiling = $opening->roof === null ? self::overOpening($opening, $room) : null;
        [$height, $sill] = [$opening->opening->height, $opening->opening->sill ?? 0.0];

        return $ceiling === null || $height === null ? 1.0 : max(0.0, min(1.0, ($ceiling - $sill) / $height));
    }
}
