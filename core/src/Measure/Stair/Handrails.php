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
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures('stair.handrails', AnswerType::Count, 'How many sides have a handrail.')]
final class Handrails extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $count = self::count($subject);

        return $count === null
            ? new Unknown(["{$subject->id()}.handrails"])
            : new Measured(
                Amount::count($count),
                [Witness::mark($subject->storey(), $subject->stair->start)],
                [Message::of('stair.handrails.handrails', count: $count)],
            );
    }

    /** Null when nobody said of one of its sides. */
    public static function count(PlacedStair $stair): ?int
    {
        $rails = $stair->stair->handrails;

        return $rails?->isSaid() === true ? count($rails->known()) : null;
    }
}
