<?php

declare(strict_types=1);

namespace Heurema\Measure\Wall;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedWall;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\WallTrouble;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedWall> */
#[Measures(
    'wall.doubles',
    AnswerType::Count,
    'How many walls that stand later in the document run along in this one’s body.',
)]
final class Doubles extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $doubles = $subject->plan->troubles()->doubles($subject->wall);

        return new Measured(
            Amount::count(count($doubles)),
            array_map(
                static fn(WallTrouble $double): Witness => Witness::dimension(
                    $subject->storey(),
                    $double->place,
                    Message::of('wall.doubles.also', other: $double->other),
                ),
                $doubles,
            ),
            array_map(
                static fn(WallTrouble $double): Message => Message::of(
                    'wall.doubles.runs_along',
                    other: $double->other,
                    size: Amount::length($double->size),
                ),
                $doubles,
            ),
            parties: array_map(static fn(WallTrouble $double): string => $double->other, $doubles),
        );
    }
}
