<?php

declare(strict_types=1);

namespace Heurema\Rulebook;

/** A measure held between two limits. */
final readonly class Between
{
    public function __construct(public Comparison $low, public Comparison $high) {}
}
