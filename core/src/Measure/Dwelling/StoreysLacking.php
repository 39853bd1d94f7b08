<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Layout\Storey;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.storeys_lacking',
    AnswerType::Count,
    'How many storeys have no fixture of a `kind` on them.',
    with: ['kind' => AnswerType::Word],
    words: ['kind' => [FixtureKind::class]],
)]
final class StoreysLacking extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $lacking = array_values(array_filter(
            $home->layout->storeys,
            static fn(Storey $storey): bool => array_filter(
                $home->fixturesOn($storey->id),
                static fn(PlacedFixture $fixture): bool => $fixture->fixture->counts((string) $with->word('kind')) > 0,
            ) === [],
        ));
        $names = implode(', ', array_map(static fn(Storey $storey): string => $storey->name, $lacking));

        return new Measured(
            Amount::count(count($lacking)),
            [],
            [
                $lacking === []
                    ? Message::of('dwelling.storeys_lacking.none_is_without')
                    : Message::of(
                        'dwelling.storeys_lacking.value',
                        names: $names,
                        words: Lack::words(count($lacking), 'storey', (string) $with->word('kind'), ''),
                    ),
            ],
            parties: array_map(static fn(Storey $storey): string => $storey->id, $lacking),
        );
    }
}
