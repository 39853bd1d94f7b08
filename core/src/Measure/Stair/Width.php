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
    'Between the sides of the flights. `at: rail` takes off the handrails, 89 mm each: the format does not say how far they stand in.',
    with: ['at' => AnswerType::Word],
    words: ['at' => ['rail']],
)]
final class Width extends SubjectMeasure
{
    /** How far a handrail stands in from its side, mm: 3 1/2 in. */
    public const PROJECTION = 88.9;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $width = $subject->stair->width;
        if ($width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $working = [Message::of('stair.width.between_its_sides', width: Amount::length($width))];
        $rails = Handrails::count($subject);
        if ($with->word('at') === 'rail') {
            if ($rails === null) {
                return new Unknown(["{$subject->id()}.handrails"]);
            }
            $width -= $rails * self::PROJECTION;
            $working[] = Message::of(
                'stair.width.less_handrails_each',
                rails: $rails,
                projection: Amount::length(self::PROJECTION),
                width: Amount::length($width),
            );
        }
        $across = $subject->shape->steps[0]->front ?? $subject->shape->head;

        return new Measured(
            Amount::length($width),
            $across === null ? [] : [Witness::dimension($subject->storey(), $across, Amount::length($width))],
            $working,
            $with->word('at') === 'rail' && $rails > 0
                ? [Message::of('stair.width.handrails_are_taken_to', projection: Amount::length(self::PROJECTION))]
                : [],
        );
    }
}
