<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.count',
    AnswerType::Count,
    'How many fixtures of a `kind` the room has: a kind of fixture, `window` or `door`.',
    with: ['kind' => AnswerType::Word],
    words: ['kind' => [FixtureKind::class, 'window', 'door']],
)]
final class Count extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $kind = (string) $with->word('kind');
        $counted = static fn(PlacedFixture|PlacedOpening $placed): int => match (true) {
            $placed instanceof PlacedFixture => $placed->fixture->counts($kind),
            default => $placed->type()->value === $kind ? 1 : 0,
        };
        $fixtures = array_filter(
            [...$home->fixturesIn($subject), ...$home->openingsOf($subject)],
            static fn(PlacedFixture|PlacedOpening $placed): bool => $counted($placed) > 0,
        );
        $names = array_map(static fn(Subject $placed): string => $placed->name(), array_values($fixtures));
        $marks = array_map(
            static fn(PlacedFixture|PlacedOpening $placed): Witness => Witness::mark(
                $subject->storey(),
                $placed instanceof PlacedFixture ? $placed->fixture->at : $placed->middle(),
            ),
            array_values($fixtures),
        );

        return new Measured(
            Amount::count(array_sum(array_map($counted, $fixtures))),
            $marks,
            [$names === [] ? Message::of('room.count.none_is_drawn') : Message::of('room.count.counted', names: $names)],
        );
    }
}
