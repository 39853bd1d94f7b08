<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Remainder;

/**
 * The floor of a room that nothing stands on: its outline less the fixtures that take floor, stairs and openings in it, and less what
 * leaves sweep where asked.
 */
final class FreeFloor
{
    /** @return list<Polygon> the pieces, the largest first; none where the drawing makes no room */
    public static function of(RoomSpace $room, Home $home, bool $clearOfSwings = false): array
    {
        $outline = $room->outline();
        if ($outline === null) {
            return [];
        }
        $taken = FloorTaken::in($room, $home, FloorTaken::HEAD);
        foreach ($home->fixturesNear($room->storey(), $outline->bounds()) as $fixture) {
            if ($fixture->outline !== null && $fixture->takesFloor) {
                $taken[] = $fixture->outline;
            }
        }
        foreach ($clearOfSwings ? $home->openingsOf($room) : [] as $door) {
            foreach (DoorLeaf::of($door) as $leaf) {
                $taken[] = $leaf->sector;
            }
        }
        $pieces = Remainder::of([$outline], $taken);
        usort($pieces, static fn(Polygon $a, Polygon $b): int => $b->area() <=> $a->area());

        return $pieces;
    }
}
