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
#[Measures(
    'stair.width',
    AnswerType::Length,
    'Between the sides of the flights. `at: rail` takes off the handrails as far as they stand in, 89 mm where nobody said.',
    with: ['at' => AnswerType::Word],
    words: ['at' => ['rail']],
)]
final class Width extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $width = $subject->stair->width;
        if ($width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $working = [Message::of('stair.width.between_its_sides', width: Amount::length($width))];
        $taken = RailsTaken::of($subject->stair->handrails);
        if ($with->word('at') === 'rail') {
            if (Handrails::count($subject) === null) {
                return new Unknown(["{$subject->id()}.handrails"]);
            }
            $width -= $taken->width();
            array_push($working, ...$taken->working($width));
        }
        $across = $subject->shape->steps[0]->front ?? $subject->shape->head;

        return new Measured(
            Amount::length($width),
            $across === null ? [] : [Witness::dimension($subject->storey(), $across, Amount::length($width))],
            $working,
            $with->word('at') === 'rail' ? $taken->assumptions() : [],
        );
    }
}
