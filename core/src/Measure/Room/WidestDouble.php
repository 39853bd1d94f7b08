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

#[Measures('room.widest_double', AnswerType::YesNo, 'Whether it is the widest of the bedrooms that hold two bed spaces or more.')]
final class WidestDouble extends GreatestRoom
{
    protected function counts(RoomSpace $room, RoomSpace $subject): bool
    {
        return $room->room->use?->isAmong(RoomUse::Bedroom) === true && ($room->room->bedspaces ?? 0) >= 2;
    }

    protected function size(RoomSpace $room, Home $home): Measurement
    {
        return (new LeastWidth())->of($room, $home, new Parameters());
    }
}
