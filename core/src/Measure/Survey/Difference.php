<?php

declare(strict_types=1);

namespace Heurema\Measure\Survey;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedTapedDistance;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedTapedDistance> */
#[Measures('survey.difference', AnswerType::Length, 'How far the taped distance or height is from the drawn one, either way.')]
final class Difference extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $drawn = $subject->expected($home);
        if (is_array($drawn)) {
            return new Unknown($drawn);
        }
        $difference = $subject->distance->measured - $drawn;
        $working = [Message::of(
            'survey.difference.taped_drawn',
            measured: Amount::length($subject->distance->measured),
            drawn: Amount::length($drawn),
        )];
        $slip = TapeSlip::behind($difference, $subject->distance->measured, $drawn);

        return new Measured(
            Amount::length(abs($difference)),
            $subject->distance->height === null
                ? [Witness::dimension($subject->storey(), $subject->drawn(), Amount::length($subject->distance->measured))]
                : [Witness::mark($subject->storey(), $subject->distance->from, Amount::length($subject->distance->measured))],
            $slip === null ? $working : [...$working, $slip],
        );
    }
}
