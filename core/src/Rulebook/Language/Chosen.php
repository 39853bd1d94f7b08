<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Measure\AnswerType;
use Heurema\Units\Amount;

/** What the project has chosen where the book leaves it a choice: `settings.climate`. */
final readonly class Chosen implements Term
{
    public function __construct(public Setting $setting) {}

    public function answer(): AnswerType
    {
        return $this->setting->answer();
    }

    public function isConstant(): bool
    {
        return false;
    }

    public function value(Evaluation $evaluation): Amount|bool|string
    {
        return $evaluation->chosen($this->setting);
    }

    public function words(Speech $speech, bool $isSo = true): string
    {
        $name = str_replace('_', ' ', $this->setting->name);

        return $this->answer() === AnswerType::YesNo ? 'the project says '.($isSo ? '' : 'nothing of ').$name : "the {$name}";
    }
}
