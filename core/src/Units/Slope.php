<?php

declare(strict_types=1);

namespace Heurema\Units;

/** A slope as people write it: `1:12`, or per cent. Held as a ratio, rise over run. */
final class Slope
{
    /** `1:12`, marked when the second number was rounded; flat ground is `level`. */
    public static function write(Amount $ratio): string
    {
        if ($ratio->number <= $ratio->quantity->equalWithin()) {
            return 'level';
        }
        $run = round(1 / $ratio->number, 2);
        $mark = abs(1 / $run - $ratio->number) > $ratio->quantity->equalWithin() ? Notation::ROUNDED : '';

        return "{$mark}1:".Decimal::trim($run, 2);
    }

    /** `1:12`, `1 in 12`, `8.33 %`; null when it is none of them. */
    public static function read(string $text): ?Amount
    {
        if (preg_match('/^\s*(?:≈ )?(\d+(?:\.\d+)?)\s*(?::|in)\s*(\d*\.?\d+)\s*$/u', $text, $found) === 1 && (float) $found[2] > 0) {
            return Amount::ratio((float) $found[1] / (float) $found[2]);
        }
        if (preg_match('/^\s*(?:≈ )?(\d+(?:\.\d+)?)\s*%\s*$/u', $text, $found) === 1) {
            return Amount::ratio((float) $found[1] / 100);
        }

        return trim($text) === 'level' ? Amount::ratio(0.0) : null;
    }
}
