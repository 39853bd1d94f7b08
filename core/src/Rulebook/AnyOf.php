<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** Ways to satisfy a rule, one of which is enough. */
final readonly class AnyOf
{
    /** @param non-empty-list<Alternative> $alternatives */
    public function __construct(public array $alternatives) {}
}
