<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Layout\Soffit;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

/** The soffits that hang over a room's floor, by 1 cm2 or more. */
final class SoffitsOver
{
    /** @return list<Soffit> */
    public static function room(Polygon $outline, RoomSpace $room, Home $home): array
    {
        $soffits = $home->layout->storey($room->storey())->soffits ?? [];

        return array_values(array_filter($soffits, static fn(Soffit $soffit): bool => Overlap::area($outline, $soffit->outline) > 100.0));
    }
}
