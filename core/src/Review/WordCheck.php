<?php

declare(strict_types=1);

namespace Heurema\Review;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Language\Facts;
use Heurema\Rulebook\Language\Speech;
use Heurema\Rulebook\WordRequirement;
use Heurema\Units\Amount;

/** Holds an answer in words against those that do. */
final class WordCheck
{
    public function check(WordRequirement $saying, Facts $facts): Outcome
    {
        $measurement = $facts->measure($saying->measure, $saying->with);
        if ($measurement instanceof NotApplicable) {
            return Outcome::notApplicable($measurement->reason);
        }
        $words = str_replace('_', ' ', substr((string) strstr($saying->measure, '.'), 1));
        if (!$measurement instanceof Measured || $measurement->value instanceof Amount) {
            return Outcome::undetermined($measurement instanceof Unknown ? $measurement->missing : [], "The {$words} is not known.");
        }
        $isMet = in_array($measurement->value, $saying->wanted, true);

        return new Outcome(
            $isMet ? Verdict::Met : Verdict::Violated,
            reason: ucfirst("{$words}: ").Speech::word($measurement->value).($isMet ? '.' : "; {$saying->words()} is wanted."),
            assumptions: $measurement->assumptions,
            working: $measurement->working,
            witness: $measurement->witness,
        );
    }
}
