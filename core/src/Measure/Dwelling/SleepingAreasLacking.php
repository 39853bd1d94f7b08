<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Language\Text;
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
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.sleeping_areas_lacking',
    AnswerType::Count,
    'How many bedrooms have no fixture of a `kind` in any of the rooms right outside their doors, closets and bathrooms left aside.',
    with: ['kind' => AnswerType::Word],
    words: ['kind' => [FixtureKind::class]],
)]
final class SleepingAreasLacking extends SubjectMeasure
{
    private const OWN = [
        RoomUse::Closet, RoomUse::WalkInCloset, RoomUse::Bathroom, RoomUse::ShowerRoom, RoomUse::Powder, RoomUse::Wc, RoomUse::Bedroom,
    ];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $lacking = array_values(array_filter(
            $home->bedrooms(),
            fn(RoomSpace $bedroom): bool => !$this->isServed($bedroom, $home, (string) $with->word('kind')),
        ));
        $names = implode(', ', array_map(static fn(RoomSpace $room): string => $room->name(), $lacking));

        return new Measured(
            Amount::count(count($lacking)),
            array_map(static fn(RoomSpace $room): Witness => Witness::mark($room->storey(), $room->room->at, $room->name()), $lacking),
            [
                $lacking === []
                    ? Message::of('dwelling.sleeping_areas_lacking.there_is_one_outside')
                    : Message::of(
                        'dwelling.sleeping_areas_lacking.value',
                        names: $names,
                        words: Lack::words(count($lacking), 'bedroom', (string) $with->word('kind'), Text::of(' outside the door')),
                    ),
            ],
            parties: array_map(static fn(RoomSpace $room): string => $room->id(), $lacking),
        );
    }

    private function isServed(RoomSpace $bedroom, Home $home, string $kind): bool
    {
        foreach ($home->openingsOf($bedroom) as $opening) {
            $beyond = $opening->across($bedroom)->room;
            if (
                $opening->type() === SubjectType::Door
                && $beyond !== null
                && $beyond->room->use?->isAmong(...self::OWN) !== true
                && $home->hasFixture($beyond, $kind)
            ) {
                return true;
            }
        }

        return false;
    }
}
