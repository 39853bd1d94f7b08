<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'dwelling.circulation_share',
    AnswerType::Ratio,
    'The floor of halls, entries and stairs as a share of the floor of all rooms; garages, shafts and what is in the open are left out.',
)]
final class CirculationShare extends FloorShare
{
    private const CIRCULATION = [RoomUse::Hall, RoomUse::Entry, RoomUse::Stair];

    protected function counts(RoomSpace $room): bool
    {
        return $room->room->use !== RoomUse::Shaft && parent::counts($room);
    }

    protected function some(RoomSpace $room, Measurement $floor, Home $home, Parameters $with): Measurement
    {
        return match (true) {
            $room->room->use === null => new Unknown(["{$room->id()}.use"]),
            in_array($room->room->use, self::CIRCULATION, true) => $floor,
            default => new Measured(Amount::area(0.0)),
        };
    }

    protected function says(Amount $part, Amount $whole): Message
    {
        return Message::of('dwelling.circulation_share.of', walked: $part, whole: $whole);
    }
}
