<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** One way to satisfy a rule: everything that it needs together. */
final readonly class Alternative
{
    /** @param non-empty-list<Comparison|WordRequirement> $needs */
    public function __construct(public string $name, public array $needs) {}
}
