<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Language\Text;
use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Language\Facts;
use Heurema\Rulebook\Language\Speech;
use Heurema\Rulebook\WordRequirement;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** Holds an answer in words against those that do. */
final class WordCheck
{
    public function check(WordRequirement $saying, Facts $facts): Outcome
    {
        $measurement = $facts->measure($saying->measure, $saying->with);
        if ($measurement instanceof NotApplicable) {
            return Outcome::notApplicable($measurement->reason);
        }
        $words = Text::word(substr((string) strstr($saying->measure, '.'), 1));
        if (!$measurement instanceof Measured || $measurement->value instanceof Amount) {
            return Outcome::undetermined(
                $measurement instanceof Unknown ? $measurement->missing : [],
                Message::of('review.word_check.is_not_known', words: $words),
            );
        }
        $isMet = in_array($measurement->value, $saying->wanted, true);

        return new Outcome(
            $isMet ? Verdict::Met : Verdict::Violated,
            reason: $isMet
                ? Message::of('review.word_check.is', what: $words, word: Speech::word($measurement->value))
                : Message::of('review.word_check.is_not', what: $words, word: Speech::word($measurement->value), wanted: $saying->words()),
            assumptions: $measurement->assumptions,
            working: $measurement->working,
            witness: $measurement->witness,
        );
    }
}
