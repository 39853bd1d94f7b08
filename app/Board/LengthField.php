<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Layout;
use Heurema\Units\Amount;
use Heurema\Units\Decimal;
use Heurema\Units\ImperialNotation;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;

/** Lengths as they stand in a field: exact where 64ths of an inch or tenths of a millimetre are, in a form that reads back. */
final class LengthField
{
    /**
     * @param string $otherwise what else may be typed there, a sentence
     *
     * @return float mm
     *
     * @throws RefusedValue with the key of the field that cannot be read
     */
    public static function read(string $typed, Layout $layout, string $key, string $otherwise = ''): float
    {
        try {
            return $layout->lengths()->read(trim($typed))->mm;
        } catch (UnreadableLength $e) {
            throw new RefusedValue($key, rtrim("{$e->getMessage()} {$otherwise}"));
        }
    }

    public static function write(float $mm, Layout $layout): string
    {
        return $layout->units === UnitSystem::Metric
            ? Decimal::trim($mm / $layout->typing->mm(), 7)
            : (new ImperialNotation(64))->write(Amount::length($mm));
    }
}
