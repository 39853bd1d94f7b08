<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** Related subjects of which one has to have everything that is needed. */
final readonly class Candidates
{
    /**
     * @param string           $among `windows`, `doors`, `fixtures` or `rooms`
     * @param list<Comparison|WordRequirement> $needs nothing: to be there is enough
     */
    public function __construct(public string $among, public ?Expression $where, public array $needs) {}
}
