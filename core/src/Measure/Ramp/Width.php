<?php

declare(strict_types=1);

namespace Heurema\Measure\Ramp;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Stair\RailsTaken;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedRamp> */
#[Measures('ramp.width', AnswerType::Length, 'How wide it is clear: between its sides, less the handrails that are known to stand on it.')]
final class Width extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $width = $subject->ramp->width;
        if ($width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $taken = RailsTaken::of($subject->ramp->handrails);
        $clear = $width - $taken->width();

        return new Measured(
            Amount::length($clear),
            [Witness::dimension($subject->storey(), $subject->shape->foot, Amount::length($clear))],
            [
                Message::of('ramp.width.between_its_sides', width: Amount::length($width)),
                ...$taken->working($clear),
            ],
            $taken->assumptions(),
        );
    }
}
