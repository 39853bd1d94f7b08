<?php

declare(strict_types=1);

namespace Heurema\Measure\Storey;

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
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/** @extends SubjectMeasure<StoreyPlan> */
#[Measures(
    'storey.fixture_count',
    AnswerType::Count,
    'How many fixtures of a `kind` stand on the storey.',
    with: ['kind' => AnswerType::Word],
    words: ['kind' => [FixtureKind::class]],
)]
final class FixtureCount extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $found = array_values(array_filter(
            $home->fixturesOn($subject->id()),
            static fn(PlacedFixture $fixture): bool => $fixture->fixture->kind->value === $with->word('kind'),
        ));

        return new Measured(
            Amount::count(count($found)),
            array_map(static fn(PlacedFixture $fixture): Witness => Witness::mark($fixture->storey(), $fixture->fixture->at), $found),
        );
    }
}
