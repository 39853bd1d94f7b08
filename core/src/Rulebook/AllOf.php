<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** Several limits that one subject has to keep together; in place of one, ways of which one is enough. */
final readonly class AllOf
{
    /** @param non-empty-list<Comparison|WordRequirement|AnyOf> $needs */
    public function __construct(public array $needs) {}
}
