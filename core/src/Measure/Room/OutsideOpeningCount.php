<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;

#[Measures(
    'room.outside_openings',
    AnswerType::Count,
    'How many windows, doors and bare openings the room has to the open air or to a shaft.',
)]
final class OutsideOpeningCount extends CountedOpenings
{
    protected function counts(PlacedOpening $opening, RoomSpace $room, Home $home, Parameters $with): ?bool
    {
        $isToShaft = !$opening->isInPartyWall() && $opening->across($room)->room?->room->use === RoomUse::Shaft;

        return $isToShaft ? true : $opening->isOpenAirFrom($room);
    }
}
