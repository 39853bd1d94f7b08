<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\FlightRun;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.riser_spread',
    AnswerType::Length,
    'By how much the risers of one flight differ, in the flight where they differ most. Only measured risers can.',
)]
final class RiserSpread extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $spreads = array_map(
            static fn(FlightRun $run): float => max([0.0, ...$run->risers]) - min([INF, ...$run->risers]),
            FlightRun::of($climb),
        );
        $spread = $spreads === [] ? 0.0 : max($spreads);

        return new Measured(
            Amount::length($spread),
            [Witness::mark($subject->storey(), $subject->stair->start, Amount::length($spread))],
            [Message::of('stair.riser_spread.risers', all: array_map(Amount::length(...), $climb->risers()))],
        );
    }
}
