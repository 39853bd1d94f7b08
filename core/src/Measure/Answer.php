<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Units\Quantity;

/** What kind of answer a measure gives. */
enum Answer
{
    case Length;
    case Area;
    case Angle;
    case Ratio;
    case Count;
    case YesNo;
    case Word;

    public static function ofQuantity(Quantity $quantity): self
    {
        return match ($quantity) {
            Quantity::Length => self::Length,
            Quantity::Area => self::Area,
            Quantity::Angle => self::Angle,
            Quantity::Ratio => self::Ratio,
            Quantity::Count => self::Count,
        };
    }
}
