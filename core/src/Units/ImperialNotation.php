<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/** `12'-6 1/2"`, `15"`, `70.5 sq ft`: feet, inches and reduced fractions down to the finest one asked for. */
final readonly class ImperialNotation implements Notation
{
    /**
     * @param int  $finest the finest fraction of an inch: 16, 32 or 64
     * @param bool $feet   false: all in inches, as clearances are often spoken of
     */
    public function __construct(private int $finest = 16, private bool $feet = true) {}

    public function write(Amount $amount): string
    {
        return match ($amount->quantity) {
            Quantity::Length => $this->writeLength($amount),
            Quantity::Area => Decimal::writeArea($amount, Text::of(' sq ft'), Amount::M2_PER_SQUARE_FOOT),
            Quantity::AirFlow => Decimal::write(
                $amount,
                $amount->number / Amount::airFlowInFeet(1.0)->number,
                1,
                ' cfm',
                Amount::airFlowInFeet(1.0)->number,
            ),
            default => Decimal::writePlain($amount),
        };
    }

    private function writeLength(Amount $amount): string
    {
        $exact = abs($amount->number) / Amount::MM_PER_INCH * $this->finest;
        $parts = (int) round($exact);
        $rounded = abs($parts - $exact) * Amount::MM_PER_INCH / $this->finest > Quantity::Length->equalWithin() + self::NOISE;
        $sign = $amount->number < 0 && $parts > 0 ? '-' : '';

        return ($rounded ? self::ROUNDED : '').$sign.$this->feetAndInches($parts);
    }

    /** @param int $parts sixteenths (or what the finest fraction is) in all */
    private function feetAndInches(int $parts): string
    {
        $perFoot = 12 * $this->finest;
        $feet = $this->feet ? intdiv($parts, $perFoot) : 0;
        $inches = $this->inches($parts - $feet * $perFoot, $feet > 0).'"';

        return $feet > 0 ? "{$feet}'-{$inches}" : $inches;
    }

    /** @param bool $withZero whether a fraction alone is led by a nought, as it is behind feet */
    private function inches(int $parts, bool $withZero): string
    {
        $whole = intdiv($parts, $this->finest);
        $over = $parts % $this->finest;
        $below = $this->finest;
        while ($over > 0 && $over % 2 === 0) {
            $over = intdiv($over, 2);
            $below = intdiv($below, 2);
        }
        $fraction = $over > 0 ? "{$over}/{$below}" : '';

        return match (true) {
            $fraction === '' => (string) $whole,
            $whole === 0 && !$withZero => $fraction,
            default => "{$whole} {$fraction}",
        };
    }
}
