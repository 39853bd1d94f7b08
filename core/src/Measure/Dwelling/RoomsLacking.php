<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.rooms_lacking',
    AnswerType::Count,
    'How many rooms of a `use` have no fixture of a `kind` in them.',
    with: ['use' => AnswerType::Word, 'kind' => AnswerType::Word],
    words: ['use' => [RoomUse::class], 'kind' => [FixtureKind::class]],
)]
final class RoomsLacking extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $lacking = array_values(array_filter(
            $home->rooms,
            static fn(RoomSpace $room): bool => $room->isOf((string) $with->word('use'))
                && !$home->hasFixture($room, (string) $with->word('kind')),
        ));
        $names = implode(', ', array_map(static fn(RoomSpace $room): string => $room->name(), $lacking));

        return new Measured(
            Amount::count(count($lacking)),
            array_map(static fn(RoomSpace $room): Witness => Witness::mark($room->storey(), $room->room->at, $room->name()), $lacking),
            [
                $lacking === []
                    ? Message::of('dwelling.rooms_lacking.none_is_without')
                    : Message::of(
                        'dwelling.rooms_lacking.value',
                        names: $names,
                        words: Lack::words(count($lacking), (string) $with->word('use'), (string) $with->word('kind'), ''),
                    ),
            ],
            parties: array_map(static fn(RoomSpace $room): string => $room->id(), $lacking),
        );
    }
}
