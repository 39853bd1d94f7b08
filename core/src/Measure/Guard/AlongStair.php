<?php

declare(strict_types=1);

namespace Heurema\Measure\Guard;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\StandingGuard;
use Heurema\Spatial\Subject\Subject;
use Heurema\Words\Message;

/** @extends SubjectMeasure<StandingGuard> */
#[Measures('guard.along_stair', AnswerType::YesNo, 'Whether it stands along the side of a flight.')]
final class AlongStair extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        foreach ($home->stairs as $stair) {
            if ($subject->isAlong($stair)) {
                return new Measured(
                    true,
                    [Witness::mark($subject->storey(), $subject->middle())],
                    [Message::of('guard.along_stair.it_stands_along', stair: $stair->name())],
                );
            }
        }

        return new Measured(
            false,
            [Witness::mark($subject->storey(), $subject->middle())],
            [Message::of('guard.along_stair.it_stands_along_no')],
        );
    }
}
