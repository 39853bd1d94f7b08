<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** What a rule must say of given facts; the test suite holds every rule to its examples. */
final readonly class Example
{
    /**
     * @param array<string, string|bool|float|int>                         $facts    by measure; what is left out is not known
     * @param array<string, list<array<string, string|bool|float|int>>>   $related  facts of related things, by relation
     * @param array<string, string|bool|float|int>                         $settings
     */
    public function __construct(
        public string $says,
        public array $facts,
        public array $related,
        public array $settings,
        public string $verdict,
    ) {}
}
