<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** A stricter limit that is recommended, not required. */
final readonly class Preference
{
    public function __construct(public Comparison $comparison, public ?Expression $when, public string $source) {}
}
