<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Measure\AnswerType;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Units\Amount;

/** `condition ? this : that`. */
final readonly class Choice implements Term
{
    public function __construct(private Term $condition, private Term $then, private Term $else, private AnswerType $answer) {}

    public function answer(): AnswerType
    {
        return $this->answer;
    }

    public function isConstant(): bool
    {
        return $this->condition->isConstant() && $this->then->isConstant() && $this->else->isConstant();
    }

    public function value(Evaluation $evaluation): Amount|bool|string|array|Unknown|NotApplicable
    {
        $condition = $this->condition->value($evaluation);

        return $condition instanceof Unknown ? $condition : ($condition === true ? $this->then : $this->else)->value($evaluation);
    }

    public function words(Speech $speech, bool $isSo = true): string
    {
        $holds = $this->condition->value($speech->evaluation) === true;
        $taken = $holds ? $this->then : $this->else;

        // of a chain of choices the last one says why
        if ($holds || !$taken instanceof self) {
            $speech->because($this->condition->words($speech, $holds));
        }

        return $taken->words($speech);
    }
}
