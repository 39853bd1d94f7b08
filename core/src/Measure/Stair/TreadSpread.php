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
    'stair.tread_spread',
    AnswerType::Length,
    'By how much the treads of one flight differ, tapered ones left aside, in the flight where they differ most.',
)]
final class TreadSpread extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $spreads = array_map(
            static fn(FlightRun $run): float => $run->treads() === [] ? 0.0 : max($run->treads()) - min($run->treads()),
            FlightRun::of($climb),
        );
        $spread = $spreads === [] ? 0.0 : max($spreads);

        return new Measured(
            Amount::length($spread),
            [Witness::mark($subject->storey(), $subject->stair->start, Amount::length($spread))],
            [Message::of('stair.tread_spread.treads_of_one_flight', spread: Amount::length($spread))],
        );
    }
}
