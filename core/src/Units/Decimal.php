<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/** Decimal numbers without trailing zeros, marked when the rounding is larger than what counts as equal. */
final class Decimal
{
    /**
     * @param float $shown the amount's number in the unit that is printed
     * @param float $scale how many of the amount's own units one printed unit is
     */
    public static function write(Amount $amount, float $shown, int $places, string $unit, float $scale = 1.0): string
    {
        $rounded = round($shown, $places);
        $mark = abs($rounded - $shown) * $scale > $amount->quantity->equalWithin() + Notation::NOISE ? Notation::ROUNDED : '';

        return $mark.self::trim($rounded, $places).$unit;
    }

    /** Areas to two places, small ones to four, so that a small shortfall is not shown as none. */
    public static function writeArea(Amount $amount, string $unit, float $scale): string
    {
        $shown = $amount->number / $scale;

        return self::write($amount, $shown, abs($shown) < 0.1 ? 4 : 2, $unit, $scale);
    }

    /** The quantities that both systems print alike: angles, ratios, counts. */
    public static function writePlain(Amount $amount): string
    {
        return match ($amount->quantity) {
            Quantity::Angle => self::write($amount, $amount->number, 1, '°'),
            Quantity::Ratio => self::write($amount, 100 * $amount->number, 1, ' %', 0.01),
            default => self::write($amount, $amount->number, 0, ''),
        };
    }

    public static function trim(float $number, int $places): string
    {
        $text = number_format($number, $places, '.', '');
        $text = str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;

        return $text === '-0' ? '0' : str_replace('.', Text::language()->decimalMark(), $text);
    }
}
