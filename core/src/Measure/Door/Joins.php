<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Beyond;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.joins',
    AnswerType::Count,
    '1 where the door joins a room of the use `one` with a room of the use `other`, or with any where no other is named; else 0.',
    with: ['one' => AnswerType::Word, 'other' => AnswerType::Word],
    words: ['one' => [RoomUse::class], 'other' => [RoomUse::class]],
)]
final class Joins extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $missing = $subject->missingSides();
        if ($missing !== []) {
            return new Unknown($missing);
        }
        [$one, $other] = [$with->word('one'), $with->word('other')];
        $isOf = static fn(Beyond $side, ?string $use): bool => $use === null || $side->room?->isOf($use) === true;
        $joins = $one !== null && (
            ($isOf($subject->left, $one) && $isOf($subject->right, $other))
            || ($isOf($subject->right, $one) && $isOf($subject->left, $other))
        );

        return new Measured(
            Amount::count($joins ? 1 : 0),
            [Witness::mark($subject->storey(), $subject->middle())],
            [Message::of('door.joins.it_joins_and', left: $subject->left->words(), right: $subject->right->words())],
        );
    }
}
