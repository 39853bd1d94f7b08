<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

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
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures('fixture.under_hood', AnswerType::YesNo, 'Whether a hood hangs over the fixture.')]
final class UnderHood extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        foreach ($subject->bounds === null ? [] : $home->fixturesNear($subject->storey(), $subject->bounds) as $other) {
            if ($other->fixture->kind === FixtureKind::Hood && $subject->overlaps($other)) {
                return new Measured(
                    true,
                    [Witness::mark($subject->storey(), $other->fixture->at)],
                    [Message::of('fixture.under_hood.hangs_over_it', other: $other->name())],
                );
            }
        }

        return new Measured(false, [], [Message::of('fixture.under_hood.no_hood_hangs_over')]);
    }
}
