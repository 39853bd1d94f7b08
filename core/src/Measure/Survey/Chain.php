<?php

declare(strict_types=1);

namespace Heurema\Measure\Survey;

use Heurema\Layout\SurveyDistance;
use Heurema\Layout\Words\SurveyRole;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\TapedDistance;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<TapedDistance> */
#[Measures(
    'survey.chain',
    AnswerType::Length,
    'How far the parts of a group are from adding up to their overall, either way; asked of the overall.',
)]
final class Chain extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $overall = $subject->distance;
        $parts = array_filter(
            $home->layout->survey,
            static fn(SurveyDistance $one): bool => $one->role === SurveyRole::Part
                && $one->group !== null
                && $one->group === $overall->group,
        );
        if ($overall->role !== SurveyRole::Overall || $parts === []) {
            return new NotApplicable(Message::of('survey.chain.it_is_no_overall'));
        }
        $sum = array_sum(array_map(static fn(SurveyDistance $part): float => $part->measured, $parts));
        $working = [Message::of(
            'survey.chain.parts_add_up_to',
            count: count($parts),
            sum: Amount::length($sum),
            measured: Amount::length($overall->measured),
        )];
        $slip = TapeSlip::behind($sum - $overall->measured, $sum, $overall->measured);

        return new Measured(
            Amount::length(abs($sum - $overall->measured)),
            [Witness::dimension($subject->storey(), $subject->drawn(), Amount::length($overall->measured))],
            $slip === null ? $working : [...$working, $slip],
        );
    }
}
