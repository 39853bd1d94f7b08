<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;

/** What a bare number means when it is typed in a metric home. */
enum TypingUnit: string
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';

    public function mm(): float
    {
        return match ($this) {
            self::Millimetre => 1.0,
            self::Centimetre => 10.0,
            self::Metre => 1000.0,
        };
    }

    public function one(): string
    {
        return match ($this) {
            self::Millimetre => Text::of('millimetre'),
            self::Centimetre => Text::of('centimetre'),
            self::Metre => Text::of('metre'),
        };
    }
}
