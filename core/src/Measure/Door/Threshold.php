<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Layout\Words\OpeningKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.threshold',
    AnswerType::Length,
    'How high the threshold stands. Where nobody said, a door inside the home is taken to have none.',
)]
final class Threshold extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $height = $subject->opening->door?->threshold;
        $isInside = $subject->isToOutside() === false || $subject->opening->kind === OpeningKind::Bare;
        if ($height === null && !$isInside) {
            return new Unknown(["{$subject->id()}.threshold"]);
        }

        return new Measured(
            Amount::length($height ?? 0.0),
            [Witness::mark($subject->storey(), $subject->middle(), Amount::length($height ?? 0.0))],
            [Message::of('door.threshold.threshold', height: Amount::length($height ?? 0.0))],
            $height === null ? [Message::of('door.threshold.is_taken_to_have', subject: $subject->name())] : [],
        );
    }
}
