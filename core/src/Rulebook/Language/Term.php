<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Measure\AnswerType;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Units\Amount;

/** One part of an expression. Its logic is Kleene's, its amounts are exact. */
interface Term
{
    /** What kind of answer it gives; null: a list of words. */
    public function answer(): ?AnswerType;

    /** Does it hang on nothing that is measured or chosen? */
    public function isConstant(): bool;

    /** @return Amount|bool|string|list<string>|Unknown|NotApplicable */
    public function value(Evaluation $evaluation): Amount|bool|string|array|Unknown|NotApplicable;

    /** As one would say it. Of a choice it says what holds, and why; of a condition that `$isSo`, or that it is not. */
    public function words(Speech $speech, bool $isSo = true): string;
}
