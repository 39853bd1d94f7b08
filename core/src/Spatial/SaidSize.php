<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\LargestRectangle;
use Heurema\Geometry\Segment;

/** A room's size as somebody gave it, clear between faces or between the middles of its walls. In mm. */
final readonly class SaidSize
{
    public function __construct(public float $width, public float $depth, public WallDatum $between = WallDatum::Finished) {}

    /**
     * By how much the drawn room is smaller than was said, the longer side first; negative where it is larger.
     *
     * @return array{float, float}|null null where the drawing makes no room
     */
    public function shortfall(RoomSpace $room): ?array
    {
        $outline = $room->outline();
        if ($outline === null) {
            return null;
        }
        $faces = $room->faces();
        usort($faces, static fn(Segment $a, Segment $b): int => $b->length() <=> $a->length());
        $direction = ($faces[0] ?? $outline->edges()[0])->direction();
        $largest = LargestRectangle::in($outline, $direction);
        $drawn = [max($largest['width'], $largest['height']), min($largest['width'], $largest['height'])];
        $said = [max($this->width, $this->depth) - $this->walls($room), min($this->width, $this->depth) - $this->walls($room)];

        return [round($said[0] - $drawn[0], 4), round($said[1] - $drawn[1], 4)];
    }

    /** What the walls take of a size between their middles: half of each, the usual thickness around the room on either side. */
    private function walls(RoomSpace $room): float
    {
        return $this->between === WallDatum::Centre ? $room->usualWall() : 0.0;
    }
}
