<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

/** Is it the largest of the rooms to live, eat, work or sleep in? */
final class LargestHabitable extends GreatestRoom
{
    private const HABITABLE = [RoomUse::Living, RoomUse::Dining, RoomUse::Study, RoomUse::Bedroom, RoomUse::KitchenLiving];

    public function name(): string
    {
        return 'room.largest_habitable';
    }

    protected function counts(RoomSpace $room): bool
    {
        return in_array($room->room->use, self::HABITABLE, true);
    }

    protected function size(RoomSpace $room, Home $home): Measurement
    {
        return (new FloorArea())->of($room, $home, new Parameters());
    }
}
