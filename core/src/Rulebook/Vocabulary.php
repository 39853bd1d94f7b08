<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Measure;
use Heurema\Rulebook\Language\Setting;

/** The names that the expressions of one rule book may use. */
final readonly class Vocabulary
{
    /**
     * @param array<string, list<string>> $groups   named lists of words
     * @param array<string, Setting>      $settings
     * @param array<string, NamedMeasure> $quantities
     */
    public function __construct(
        private Catalogue $measures,
        public array $groups = [],
        public array $settings = [],
        public array $quantities = [],
    ) {}

    public function measure(string $name): ?Measure
    {
        return $this->quantities[$name] ?? $this->measures->get($name);
    }

    /** The measure behind a name that the book gives it itself. */
    public function resolved(string $name): string
    {
        return isset($this->quantities[$name]) ? $this->quantities[$name]->measure->name() : $name;
    }

    /** @throws UnreadableExpression */
    public function answer(string $name): AnswerType
    {
        $measure = $this->measure($name) ?? throw new UnreadableExpression(Text::of('there is no measure "{measure}"', measure: $name));

        return $measure->answer();
    }
}
