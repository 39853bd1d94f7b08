<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures('dwelling.bedrooms', AnswerType::Count, 'How many bedrooms it has; the one room of a studio is none.')]
final class Bedrooms extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $rooms = array_values(array_filter(
            $home->bedrooms(),
            static fn(RoomSpace $room): bool => $room->room->use !== RoomUse::BedLiving,
        ));
        $names = array_map(static fn(RoomSpace $room): string => $room->name(), $rooms);

        return new Measured(
            Amount::count(count($names)),
            [],
            [$names === [] ? Message::of('dwelling.bedrooms.it_has_no_bedroom') : Message::of('dwelling.bedrooms.value', names: $names)],
        );
    }
}
