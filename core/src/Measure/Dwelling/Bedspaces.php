<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures('dwelling.bedspaces', AnswerType::Count, 'How many bed spaces its bedrooms hold.')]
final class Bedspaces extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $rooms = $home->bedrooms();
        $silent = array_values(array_filter($rooms, static fn(RoomSpace $room): bool => $room->room->bedspaces === null));
        if ($silent !== []) {
            return new Unknown(array_map(static fn(RoomSpace $room): string => "{$room->id()}.bedspaces", $silent));
        }
        $said = array_map(static fn(RoomSpace $room): string => "{$room->name()}: {$room->room->bedspaces}", $rooms);

        return new Measured(
            Amount::count(array_sum(array_map(static fn(RoomSpace $room): int => (int) $room->room->bedspaces, $rooms))),
            [],
            [$said === [] ? Message::of('dwelling.bedspaces.it_has_no_bedroom') : Message::of('dwelling.bedspaces.value', said: $said)],
        );
    }
}
