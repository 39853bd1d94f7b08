<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Measure\Wordlists;
use Heurema\Spatial\Beyond;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * 1 where the door joins a room of the use `one` with a room of the use `other`, or with any where no other is named; else
 * 0.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
final class Joins extends SubjectMeasure
{
    public function name(): string
    {
        return 'door.joins';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Count;
    }

    public function parameters(): array
    {
        return ['one' => AnswerType::Word, 'other' => AnswerType::Word];
    }

    public function words(): array
    {
        return ['one' => Wordlists::uses(), 'other' => Wordlists::uses()];
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $missing = $subject->missingSides();
        if ($missing !== []) {
            return new Unknown($missing);
        }
        $uses = array_map(static fn(Beyond $side): ?string => $side->room?->room->use?->value, [$subject->left, $subject->right]);
        [$one, $other] = [$with->word('one'), $with->word('other')];
        $joins = in_array($one, $uses, true) && ($other === null || ($uses === [$one, $other] || $uses === [$other, $one]));

        return new Measured(Amount::count($joins ? 1 : 0), [Witness::mark($subject->storey(), $subject->middle())], ["It joins {$subject->left->words()} and {$subject->right->words()}."]);
    }
}
