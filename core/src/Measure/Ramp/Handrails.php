<?php

declare(strict_types=1);

namespace Heurema\Measure\Ramp;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedRamp;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedRamp> */
#[Measures('ramp.handrails', AnswerType::Count, 'On how many of its sides there is a handrail.')]
#[Measures('ramp.handrail_height', AnswerType::Length, 'How high its lowest handrail is over the slope; `of: highest` the highest.', with: [
    'of' => AnswerType::Word,
], words: ['of' => ['lowest', 'highest']])]
final class Handrails extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $rails = $subject->ramp->handrails;
        if ($rails?->isSaid() !== true) {
            return new Unknown(["{$subject->id()}.handrails"]);
        }
        $heights = $rails->known();
        if ($this->name() === 'ramp.handrails') {
            return new Measured(
                Amount::count(count($heights)),
                [Witness::mark($subject->storey(), $subject->ramp->start)],
                [Message::of('ramp.handrails.handrails', count: count($heights))],
            );
        }
        if ($heights === []) {
            return new NotApplicable(Message::of('ramp.handrails.none'));
        }
        $height = $with->word('of') === 'highest' ? max($heights) : min($heights);

        return new Measured(
            Amount::length($height),
            [Witness::mark($subject->storey(), $subject->ramp->start, Amount::length($height))],
            [Message::of('ramp.handrails.over_the_slope', all: array_map(Amount::length(...), $heights))],
        );
    }
}
