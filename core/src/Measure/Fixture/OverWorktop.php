<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

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
use Heurema\Spatial\Run\WorktopUnder;
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
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $worktop = WorktopUnder::of($subject, $home);
        if ($worktop === null) {
            return new NotApplicable(Message::of('fixture.over_worktop.there_is_none'));
        }

        return $worktop->missing() !== []
            ? new Unknown($worktop->missing())
            : new Measured(
                Amount::length($worktop->clear()),
                [Witness::mark($subject->storey(), $subject->fixture->at)],
                [Message::of('fixture.over_worktop.over', below: $worktop->highest()->name())],
                parties: [$worktop->highest()->id()],
            );
    }
}
