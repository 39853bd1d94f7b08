<?php

declare(strict_types=1);

namespace Heurema\Units;

/** `2470 mm`, `12.35 m²`, `38.5°`, `8 %`, `3`. */
final readonly class MetricNotation implements Notation
{
    public function write(Amount $amount): string
    {
        return match ($amount->quantity) {
            Quantity::Length => Decimal::write($amount, $amount->number, 1, ' mm'),
            Quantity::Area => Decimal::write($amount, $amount->number, 2, ' m²'),
            default => Decimal::writePlain($amount),
        };
    }
}
