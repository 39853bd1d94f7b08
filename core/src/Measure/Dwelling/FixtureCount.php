<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

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
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.fixture_count',
    AnswerType::Count,
    'How many fixtures of a `kind` the dwelling has, removed ones left out.',
    with: ['kind' => AnswerType::Word],
    words: ['kind' => [FixtureKind::class]],
)]
final class FixtureCount extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $kind = (string) $with->word('kind');
        $found = array_values(array_filter(
            $home->fixtures,
            static fn(PlacedFixture $fixture): bool => $fixture->fixture->counts($kind) > 0,
        ));
        $count = array_sum(array_map(static fn(PlacedFixture $fixture): int => $fixture->fixture->counts($kind), $found));
        $names = array_map(static fn(PlacedFixture $fixture): string => $fixture->name(), $found);

        return new Measured(
            Amount::count($count),
            array_map(static fn(PlacedFixture $fixture): Witness => Witness::mark($fixture->storey(), $fixture->fixture->at), $found),
            [
                $found === []
                    ? Message::of('dwelling.fixture_count.none_is_drawn')
                    : Message::of('dwelling.fixture_count.counted', names: $names),
            ],
        );
    }
}
