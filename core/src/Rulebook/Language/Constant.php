<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Measure\AnswerType;
use Heurema\Units\Amount;

/** An amount, a word, a list of words, true or false, as it stands in the book. */
final readonly class Constant implements Term
{
    /** @param Amount|bool|string|list<string> $value */
    public function __construct(public Amount|bool|string|array $value) {}

    public function answer(): ?AnswerType
    {
        return match (true) {
            is_array($this->value) => null,
            is_bool($this->value) => AnswerType::YesNo,
            is_string($this->value) => AnswerType::Word,
            default => AnswerType::ofQuantity($this->value->quantity),
        };
    }

    public function isConstant(): bool
    {
        return true;
    }

    public function value(Evaluation $evaluation): Amount|bool|string|array
    {
        return $this->value;
    }

    public function words(Speech $speech, bool $isSo = true): string
    {
        return match (true) {
            is_array($this->value) => Speech::anyOf($this->value),
            $this->value instanceof Amount => $speech->write($this->value),
            default => Speech::word($this->value),
        };
    }
}
