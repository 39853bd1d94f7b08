<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

#[Measures('room.largest_habitable', AnswerType::YesNo, 'Whether it is the largest of the rooms to live, eat, work or sleep in.')]
final class LargestHabitable extends GreatestRoom
{
    private const HABITABLE = [RoomUse::Living, RoomUse::Dining, RoomUse::Study, RoomUse::Bedroom, RoomUse::KitchenLiving];

    protected function counts(RoomSpace $room, RoomSpace $subject): bool
    {
        return $room->room->use?->isAmong(...self::HABITABLE) === true;
    }

    protected function size(RoomSpace $room, Home $home): Measurement
    {
        return (new FloorArea())->of($room, $home, new Parameters());
    }
}
