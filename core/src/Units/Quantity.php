<?php

declare(strict_types=1);

namespace Heurema\Units;

/** What kind of thing an amount is. The backing value is the unit in which amounts of the kind are held. */
enum Quantity: string
{
    case Length = 'mm';
    case Area = 'm2';
    case Angle = 'deg';
    case Ratio = 'ratio';
    case Count = 'count';

    /**
     * Two amounts closer than this are equal: 0.05 mm, 1 cm2, a thousandth of a degree.
     */
    public function equalWithin(): float
    {
        return match ($this) {
            self::Length => 0.05,
            self::Area => 0.0001,
            self::Angle => 0.001,
            self::Ratio => 0.000001,
            self::Count => 0.5,
        };
    }

    public function word(): string
    {
        return match ($this) {
            self::Length => 'length',
            self::Area => 'area',
            self::Angle => 'angle',
            self::Ratio => 'ratio',
            self::Count => 'count',
        };
    }
}
