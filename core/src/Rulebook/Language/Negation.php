<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Unknown;

/** `not`: what makes no sense of a subject is not so. */
final readonly class Negation implements Term
{
    public function __construct(private Term $inner) {}

    public function answer(): AnswerType
    {
        return AnswerType::YesNo;
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
