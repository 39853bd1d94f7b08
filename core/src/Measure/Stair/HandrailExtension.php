<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Layout\Handrail;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.handrail_extension',
    AnswerType::Length,
    'How far the handrails go on, level or along the slope, beyond the lowest nosing (`at: foot`) or the highest one; '
    .'the shortest decides.',
    with: ['at' => AnswerType::Word],
    words: ['at' => ['foot', 'head']],
)]
final class HandrailExtension extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $rails = $subject->stair->handrails?->there() ?? [];
        if ($rails === []) {
            return Handrails::count($subject) === null
                ? new Unknown(["{$subject->id()}.handrails"])
                : new NotApplicable(Message::of('stair.handrail_height.stair_has_no_handrail'));
        }
        $at = $with->word('at') === 'foot' ? 'foot' : 'head';
        $lengths = array_map(static fn(Handrail $rail): ?float => $at === 'foot' ? $rail->foot : $rail->head, $rails);
        $known = array_filter($lengths, static fn(?float $length): bool => $length !== null);
        if (count($known) < count($lengths) || $known === []) {
            return new Unknown(["{$subject->id()}.handrails.{$at}"]);
        }

        return new Measured(
            Amount::length(min($known)),
            [],
            [Message::of('stair.handrail_extension.they_go_on', all: array_map(Amount::length(...), array_values($known)))],
        );
    }
}
