<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Layout\Layout;
use Heurema\Units\Amount;
use Heurema\Units\Decimal;
use Heurema\Units\ImperialNotation;
use Heurema\Units\UnitSystem;

/** Lengths as they stand in a field: exact where 64ths of an inch or tenths of a millimetre are, in a form that reads back. */
final class LengthField
{
    public static function write(float $mm, Layout $layout): string
    {
        return $layout->units === UnitSystem::Metric
            ? Decimal::trim($mm / $layout->typing->mm(), 7)
            : (new ImperialNotation(64))->write(Amount::length($mm));
    }
}
