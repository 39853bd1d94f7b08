<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Units\Notation;

/** One thing that is wished of a room or of the home. */
final readonly class Clause
{
    /**
     * @param string                                  $id           of letters, digits and hyphens; another one for another wish
     * @param string                                  $title        what it is about: `Area`
     * @param array<string, list<array<string, mixed>>> $alternatives of which one is enough, by name: what is measured, each with its limit
     * @param string|\Closure(Notation): string       $says         as it was understood: `at least 10 m² large`
     */
    public function __construct(
        public string $id,
        public string $title,
        public array $alternatives,
        private string|\Closure $says,
    ) {}

    public function says(Notation $notation): string
    {
        return is_string($this->says) ? $this->says : ($this->says)($notation);
    }

    /** @return array<string, mixed> the requirement of a rule whose subject has to fulfil it */
    public function requirement(): array
    {
        $only = array_values($this->alternatives)[0];

        return match (true) {
            count($this->alternatives) > 1 => ['any' => array_map(
                static fn(string $name, array $needs): array => ['name' => $name, 'needs' => $needs],
                array_keys($this->alternatives),
                array_values($this->alternatives),
            )],
            count($only) > 1 => ['all' => $only],
            default => $only[0],
        };
    }
}
