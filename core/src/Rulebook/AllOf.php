<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** Several limits that one subject has to keep together. */
final readonly class AllOf
{
    /** @param non-empty-list<Comparison> $needs */
    public function __construct(public array $needs) {}
}
