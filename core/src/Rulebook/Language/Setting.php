<?php

declare(strict_types=1);

namespace Heurema\Rulebook\Language;

use Heurema\Measure\AnswerType;
use Heurema\Units\Amount;

/** Something a rule book leaves to the project; the default shows among the assumptions of what rests on it. */
final readonly class Setting
{
    /**
     * @param string       $written the default as the book has it
     * @param list<string> $words   what may be chosen, where it is a word
     */
    public function __construct(
        public string $name,
        public string $title,
        public Amount|bool|string $default,
        public string $written,
        public array $words = [],
    ) {}

    public function answer(): AnswerType
    {
        return match (true) {
            is_bool($this->default) => AnswerType::YesNo,
            is_string($this->default) => AnswerType::Word,
            default => AnswerType::ofQuantity($this->default->quantity),
        };
    }
}
