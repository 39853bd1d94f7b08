<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Polygon;

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
        $lines = Line::aroundPolygon($outline, 0, 0);
        foreach ($home->fixturesNear($room->storey(), $outline->bounds()) as $fixture) {
            if ($fixture->outline !== null && $fixture->takesFloor) {
                array_push($lines, ...Line::around($fixture->outline, 0, 1));
            }
        }
        foreach (FloorTaken::in($room, $home, FloorTaken::HEAD) as $ring) {
            array_push($lines, ...Line::around($ring, 0, 1));
        }
        foreach ($clearOfSwings ? $home->openingsOf($room) : [] as $door) {
            foreach (DoorLeaf::of($door) as $leaf) {
                array_push($lines, ...Line::around($leaf->sector, 0, 1));
            }
        }
        $pieces = (new Arrangement($lines))->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) <= 0);
        usort($pieces, static fn(Polygon $a, Polygon $b): int => $b->area() <=> $a->area());

        return $pieces;
    }
}
