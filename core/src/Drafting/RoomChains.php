<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\WallDatum;

/** The inside dimensions of a room: along its longest side and across it, with a stop at every wall that stands square to them. */
final class RoomChains
{
    /**
     * Where in the room the two lines may run, as shares of its depth and width; the first that lies in the room for its whole length, or
     * for most of it.
     */
    private const PLACES = [0.12, 0.88, 0.3, 0.7, 0.5];

    /** @return list<Chain> two, none for a room without an outline */
    public static function of(RoomSpace $room, WallDatum $datum): array
    {
        $sides = array_values(array_filter(
            $room->sides(),
            static fn(SpaceSide $side): bool => $side->segment->length() > Tolerance::TOUCH,
        ));
        if ($sides === []) {
            return [];
        }
        usort($sides, static fn(SpaceSide $a, SpaceSide $b): int => $b->segment->length() <=> $a->segment->length());
        $along = self::readable($sides[0]->segment->direction());

        return [self::chain($room, $sides, $along, $datum), self::chain($room, $sides, $along->left(), $datum)];
    }

    /** Towards the right of the sheet, or up it: dimensions read that way. */
    private static function readable(Point $direction): Point
    {
        return $direction->x < -1e-9 || (abs($direction->x) <= 1e-9 && $direction->y < 0) ? $direction->times(-1) : $direction;
    }

    /** @param non-empty-list<SpaceSide> $sides */
    private static function chain(RoomSpace $room, array $sides, Point $direction, WallDatum $datum): Chain
    {
        $across = $direction->left();
        $reaches = array_map(static fn(SpaceSide $side): float => $side->segment->from->dot($across), $sides);
        $best = null;
        foreach (self::PLACES as $place) {
            $start = $across->times(min($reaches) + $place * (max($reaches) - min($reaches)));
            $line = new Segment($start, $start->plus($direction));
            $stops = array_map(static fn(SpaceSide $side): ?Stop => FaceStop::along($line, $side, $datum), $sides);
            $chain = new Chain($line, array_values(array_filter($stops)));
            if ($best === null || self::lengthInside($room, $chain) > self::lengthInside($room, $best) + 1.0) {
                $best = $chain;
            }
        }

        return $best;
    }

    /** How much of a chain lies over the room's floor, mm. */
    private static function lengthInside(RoomSpace $room, Chain $chain): float
    {
        $inside = array_filter(
            $chain->parts(),
            static fn(Dimension $part): bool => $room->outline()?->contains($part->line->middle()) === true,
        );

        return array_sum(array_map(static fn(Dimension $part): float => $part->length(), $inside));
    }
}
