<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

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
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.handrail_height',
    AnswerType::Length,
    'The height of its lowest handrail over the nosings; `of: highest` for the highest.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['lowest', 'highest']],
)]
final class HandrailHeight extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $heights = $subject->stair->handrails?->known() ?? [];
        if ($heights === []) {
            return Handrails::count($subject) === null
                ? new Unknown(["{$subject->id()}.handrails"])
                : new NotApplicable(Message::of('stair.handrail_height.stair_has_no_handrail'));
        }
        $height = $with->word('of') === 'highest' ? max($heights) : min($heights);

        return new Measured(
            Amount::length($height),
            [Witness::mark($subject->storey(), $subject->stair->start, Amount::length($height))],
            [Message::of('stair.handrail_height.handrails_over_nosings', all: array_map(Amount::length(...), $heights))],
        );
    }
}
