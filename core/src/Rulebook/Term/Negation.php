<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Term;

use Heurema\Measure\Answer;
use Heurema\Measure\Unknown;
use Heurema\Rulebook\Evaluation;
use Heurema\Rulebook\Speech;

/** `not`: what makes no sense of a subject is not so. */
final readonly class Negation implements Term
{
    public function __construct(private Term $inner) {}

    public function answer(): Answer
    {
        return Answer::YesNo;
    }

    public function isConstant(): bool
    {
        return $this->inner->isConstant();
    }

    public function value(Evaluation $evaluation): bool|Unknown
    {
        $value = $this->inner->value($evaluation);

        return $value instanceof Unknown ? $value : $value !== true;
    }

    public function words(Speech $speech, bool $isSo = true): string
    {
        return $this->inner->words($speech, !$isSo);
    }
}
