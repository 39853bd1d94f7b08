<?php

declare(strict_types=1);

namespace Heurema\Units;

/** `2470 mm`, `247 cm` or `2.47 m`; `12.35 m²`, `38.5°`, `8 %`, `3`. */
final readonly class MetricNotation implements Notation
{
    /** @param 'mm'|'cm'|'m' $unit of lengths */
    public function __construct(private string $unit = 'mm') {}

    public function write(Amount $amount): string
    {
        return match ($amount->quantity) {
            Quantity::Length => $this->writeLength($amount),
            Quantity::Area => Decimal::writeArea($amount, ' m²', 1.0),
            Quantity::AirFlow => Decimal::write($amount, $amount->number, 1, ' l/s'),
            default => Decimal::writePlain($amount),
        };
    }

    /** To a tenth of a millimetre, whatever the unit. */
    private function writeLength(Amount $amount): string
    {
        [$scale, $places] = ['mm' => [1.0, 1], 'cm' => [10.0, 2], 'm' => [1000.0, 4]][$this->unit];

        return Decimal::write($amount, $amount->number / $scale, $places, " {$this->unit}", $scale);
    }
}
