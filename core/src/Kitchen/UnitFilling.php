<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** Units that fill a length, the widest first, and what they leave over; in mm. */
final readonly class UnitFilling
{
    /** @param list<float> $widths */
    public function __construct(public array $widths, public float $left) {}

    /** By how much the widest is wider than the narrowest. */
    public function spread(): float
    {
        return $this->widths === [] ? 0.0 : max($this->widths) - min($this->widths);
    }
}
