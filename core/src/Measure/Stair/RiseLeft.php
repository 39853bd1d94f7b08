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
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.rise_left',
    AnswerType::Length,
    'What its measured risers leave of the height between the two floors, or go beyond it.',
)]
final class RiseLeft extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $heights = $subject->from?->elevation === null || $subject->to->elevation === null
            ? null
            : $subject->to->elevation - $subject->from->elevation;
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $total = $heights ?? $subject->stair->rise;
        if ($total === null) {
            return new Unknown($subject->missingForRise());
        }
        $left = $total - $climb->top();

        return new Measured(
            Amount::length(abs($left)),
            [Witness::mark($subject->storey(), $subject->shape->head?->middle() ?? $subject->stair->start, Amount::length(abs($left)))],
            [
                $left >= 0
                    ? Message::of(
                        'stair.rise_left.left_over',
                        top: Amount::length($climb->top()),
                        total: Amount::length($total),
                        left: Amount::length($left),
                    )
                    : Message::of(
                        'stair.rise_left.too_much',
                        top: Amount::length($climb->top()),
                        total: Amount::length($total),
                        left: Amount::length(-$left),
                    ),
            ],
        );
    }
}
