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
#[Measures('stair.flight_rise', AnswerType::Length, 'The highest flight, from one floor or landing to the next.')]
final class FlightRise extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $rises = array_map(static fn(FlightRun $run): float => $run->rise(), FlightRun::of($climb));
        $rise = $rises === [] ? 0.0 : max($rises);

        return new Measured(
            Amount::length($rise),
            [Witness::mark($subject->storey(), $subject->stair->start, Amount::length($rise))],
            [Message::of('stair.flight_rise.from_landing_to_landing', all: array_map(Amount::length(...), $rises))],
        );
    }
}
