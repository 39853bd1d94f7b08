<?php

declare(strict_types=1);

namespace Heurema\Units;

/** A number as it was typed, whole, decimal or with a fraction. */
final readonly class TypedNumber
{
    public function __construct(public float $value, public string $words, public int $at, public bool $hasFraction) {}
}
