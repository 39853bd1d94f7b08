<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Polygon;
use Heurema\Layout\Words\WallType;

/**
 * The floor of a storey inside the inner faces of its outer walls, partitions and floor openings included; what is in the
 * open (balconies, porches, terraces, spaces between outer walls that nobody named) is left out.
 */
final class InnerFloor
{
    private const OUTER = 0;
    private const OPEN = 1;

    /**
     * @param list<JoinedWall>    $walls
     * @param list<Space>         $spaces
     * @param array<string, RoomSpace> $rooms
     *
     * @return list<Polygon>
     */
    public static function of(array $walls, array $spaces, array $rooms): array
    {
        $lines = [];
        $outer = array_values(array_filter(
            $walls,
            static fn(JoinedWall $wall): bool => in_array($wall->wall->type, [WallType::Exterior, WallType::Party], true),
        ));
        foreach ((new WallSolids($outer))->lines() as $line) {
            $lines[] = new Line($line->segment, 0, self::OUTER);
        }
        foreach ($spaces as $space) {
            if (self::isOpen($space, $rooms)) {
                array_push($lines, ...Line::aroundPolygon($space->outline, 0, self::OPEN));
            }
        }
        $arrangement = new Arrangement($lines);
        $outside = $arrangement->faces[0];

        return $arrangement->polygons(
            static fn(Face $face): bool => $face !== $outside && $face->depth(self::OUTER) === 0 && $face->depth(self::OPEN) === 0,
        );
    }

    /** @param array<string, RoomSpace> $rooms */
    private static function isOpen(Space $space, array $rooms): bool
    {
        if ($space->rooms === []) {
            return array_filter($space->sides, static fn(SpaceSide $side): bool => $side->wall->type === WallType::Interior) === [];
        }

        return array_filter($space->rooms, static fn($room): bool => Beyond::room($rooms[$room->id])->isOpenAir() === true) !== [];
    }
}
