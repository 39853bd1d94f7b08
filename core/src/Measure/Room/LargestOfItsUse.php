<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;

#[Measures('room.largest_of_its_use', AnswerType::YesNo, 'Whether it is the largest of the rooms of its use.')]
final class LargestOfItsUse extends GreatestRoom
{
    protected function counts(RoomSpace $room, RoomSpace $subject): bool
    {
        return $room->room->use !== null && $room->room->use === $subject->room->use;
    }

    protected function kind(RoomSpace $subject): string
    {
        return $subject->room->use->value ?? '';
    }

    protected function size(RoomSpace $room, Home $home): Measurement
    {
        return (new FloorArea())->of($room, $home, new Parameters());
    }
}
