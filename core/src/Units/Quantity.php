<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/** What kind of quantity an amount is. The backing value is the unit in which amounts of the kind are held. */
enum Quantity: string
{
    /** Lengths closer than this, mm, are equal. */
    public const SAME_LENGTH = 0.05;

    case Length = 'mm';
    case Area = 'm2';
    case Angle = 'deg';
    case Ratio = 'ratio';
    case Count = 'count';
    case AirFlow = 'l/s';

    /**
     * Two amounts closer than this are equal: 0.05 mm, 1 cm2, a thousandth of a degree, 0.05 l/s.
     */
    public function equalWithin(): float
    {
        return match ($this) {
            self::Length => self::SAME_LENGTH,
            self::Area => 0.0001,
            self::Angle => 0.001,
            self::Ratio => 0.000001,
            self::Count => 0.5,
            self::AirFlow => 0.05,
        };
    }

    /** Is it a number alone, that any amount can be multiplied with or divided by? */
    public function isPlain(): bool
    {
        return $this === self::Ratio || $this === self::Count;
    }

    /** What a product of the two is; null: they cannot be multiplied. */
    public function times(self $other): ?self
    {
        return match (true) {
            $this->isPlain() => $other,
            $other->isPlain() => $this,
            $this === self::Length && $other === self::Length => self::Area,
            default => null,
        };
    }

    /** What this divided by the other is; null: it cannot be. */
    public function dividedBy(self $other): ?self
    {
        return match (true) {
            $this === $other => self::Ratio,
            $other->isPlain() => $this,
            $this === self::Area && $other === self::Length => self::Length,
            default => null,
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
            self::AirFlow => Text::of('air flow'),
        };
    }
}
