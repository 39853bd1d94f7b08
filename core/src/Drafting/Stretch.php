<?php

declare(strict_types=1);

namespace Heurema\Drafting;

/** Part of a wall's length in which something can be placed, in mm from the wall's start, and what bounds it. */
final readonly class Stretch
{
    public function __construct(public float $from, public float $to, public string $startsAt, public string $endsAt) {}

    public function length(): float
    {
        return $this->to - $this->from;
    }
}
