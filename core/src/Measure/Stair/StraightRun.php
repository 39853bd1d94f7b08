<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Layout\Landing;
use Heurema\Layout\Winders;
use Heurema\Layout\Words\Turn;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.straight_run',
    AnswerType::Count,
    'The most risers that one climbs in one direction, landings between them or not.',
)]
final class StraightRun extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $most = $run = 0;
        foreach ($subject->stair->parts as $part) {
            $turns = $part instanceof Winders || ($part instanceof Landing && $part->turn !== Turn::None);
            $run = $turns ? 0 : $run + $part->risers();
            $most = max($most, $run);
        }

        return new Measured(
            Amount::count($most),
            [Witness::mark($subject->storey(), $subject->stair->start, (string) $most)],
            [Message::of('stair.straight_run.risers_in_line_without', most: $most)],
        );
    }
}
