<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Layout\Words\RoomUse;

/** A door out of a hall or an entry. */
final readonly class HallDoor
{
    private function __construct(public RoomSpace $hall, private PlacedOpening $door) {}

    /** Null where it opens off no hall. */
    public static function of(PlacedOpening $door): ?self
    {
        foreach ([RoomUse::Hall, RoomUse::Entry] as $use) {
            foreach ([$door->left->room, $door->right->room] as $room) {
                if ($room?->room->use === $use) {
                    return new self($room, $door);
                }
            }
        }

        return null;
    }

    /** Does one walk down the hall straight towards it? */
    public function isHeadOn(): bool
    {
        return abs($this->hall->wayDirections()[0]->dot($this->door->wall->line()->direction())) < 0.5;
    }
}
