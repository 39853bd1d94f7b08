<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Language\Text;
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
        $name = Text::word($this->setting->name);

        return match (true) {
            $this->answer() !== AnswerType::YesNo => Text::of('the {name}', name: $name),
            $isSo => Text::of('the project says {name}', name: $name),
            default => Text::of('the project says nothing of {name}', name: $name),
        };
    }
}
