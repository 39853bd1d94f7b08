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
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.room_count',
    AnswerType::Count,
    'How many rooms of a `use` the dwelling has; of any use where none is named.',
    with: ['use' => AnswerType::Word],
    words: ['use' => [RoomUse::class]],
)]
final class RoomCount extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $use = $with->word('use');
        $unnamed = array_values(array_filter($home->rooms, static fn(RoomSpace $room): bool => $use !== null && $room->room->use === null));
        if ($unnamed !== []) {
            return new Unknown(array_map(static fn(RoomSpace $room): string => "{$room->id()}.use", $unnamed));
        }
        $found = array_values(array_filter(
            $home->rooms,
            static fn(RoomSpace $room): bool => $use === null || $room->isOf($use),
        ));
        $names = implode(', ', array_map(static fn(RoomSpace $room): string => $room->name(), $found));

        return new Measured(
            Amount::count(count($found)),
            array_map(static fn(RoomSpace $room): Witness => Witness::mark($room->storey(), $room->room->at), $found),
            [$found === [] ? Message::of('dwelling.room_count.there_is_none') : Message::of('dwelling.room_count.counted', names: $names)],
        );
    }
}
