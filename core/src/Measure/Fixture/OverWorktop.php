<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.over_worktop',
    AnswerType::Length,
    'From the highest worktop, counter or base unit below a hanging unit up to its underside.',
)]
final class OverWorktop extends SubjectMeasure
{
    private const TOPS = [FixtureKind::Counter, FixtureKind::BaseCabinet, FixtureKind::Island];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $below = array_values(array_filter(
            $subject->bounds === null ? [] : $home->fixturesNear($subject->storey(), $subject->bounds),
            static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::TOPS, true) && $one->overlaps($subject),
        ));
        if ($below === []) {
            return new NotApplicable(Message::of('fixture.over_worktop.there_is_none'));
        }
        $missing = array_merge(
            $subject->knownBase() === null ? ["{$subject->id()}.base"] : [],
            ...array_map(static fn(PlacedFixture $one): array => $one->missingForTop(), $below),
        );
        if ($missing !== []) {
            return new Unknown($missing);
        }
        usort($below, static fn(PlacedFixture $a, PlacedFixture $b): int => $b->top() <=> $a->top());

        return new Measured(
            Amount::length($subject->base() - ($below[0]->top() ?? 0.0)),
            [Witness::mark($subject->storey(), $subject->fixture->at)],
            [Message::of('fixture.over_worktop.over', below: $below[0]->name())],
            parties: [$below[0]->id()],
        );
    }
}
