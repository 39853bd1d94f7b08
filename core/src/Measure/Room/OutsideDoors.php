<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\SubjectType;

#[Measures('room.outside_doors', AnswerType::Count, 'How many doors and bare openings lead from the room into the open air.')]
final class OutsideDoors extends CountedOpenings
{
    protected function counts(PlacedOpening $opening, RoomSpace $room, Home $home, Parameters $with): ?bool
    {
        return $opening->type() === SubjectType::Door ? $opening->isOpenAirFrom($room) : false;
    }
}
