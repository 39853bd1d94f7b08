<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Layout\Winders;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.winders_in_turn',
    AnswerType::Count,
    'The most tapered treads in one quarter turn; `of: half` in two quarter turns that follow on each other.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['half']],
)]
final class WindersInTurn extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $counts = [];
        foreach ($subject->stair->parts as $number => $part) {
            $counts[] = $part instanceof Winders
                ? count(array_filter($subject->shape->steps, static fn(Step $step): bool => $step->part === $number))
                : null;
        }
        $most = 0;
        foreach ($counts as $number => $count) {
            $most = max($most, ($count ?? 0) + ($with->word('of') === 'half' && $count !== null ? $counts[$number + 1] ?? 0 : 0));
        }

        return $most === 0
            ? new NotApplicable(Message::of('stair.winders_in_turn.stair_has_no_tapered'))
            : new Measured(
                Amount::count($most),
                [Witness::mark($subject->storey(), $subject->stair->start, (string) $most)],
                [Message::of('stair.winders_in_turn.tapered_treads_in_turn', most: $most)],
            );
    }
}
