<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Measure\AnswerType;
use Heurema\Rulebook\Language\Facts;
use Heurema\Units\Notation;

/** What a measured amount is held against: a figure, something computed, or a table. */
interface Limit
{
    /** What kind of amount it is. */
    public function answer(): AnswerType;

    /** As it stands in the book. */
    public function text(): string;

    /** A figure alone needs no working. */
    public function isFigure(): bool;

    /** Is it spoken of in inches alone? */
    public function inInches(): bool;

    /** How it came about for one subject, in words. */
    public function words(Facts $facts, Notation $notation): string;

    public function evaluate(Facts $facts): ExpressionResult;
}
