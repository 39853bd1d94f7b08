<?php

declare(strict_types=1);

namespace Heurema\Measure;

use Heurema\Language\Text;
use Heurema\Units\Quantity;

/** What kind of answer a measure gives. */
enum AnswerType
{
    case Length;
    case Area;
    case Angle;
    case Ratio;
    case Count;
    case AirFlow;
    case YesNo;
    case Word;

    public function words(): string
    {
        return match ($this) {
            self::Length => Text::of('a length'),
            self::Area => Text::of('an area'),
            self::Angle => Text::of('an angle'),
            self::Ratio => Text::of('a share'),
            self::Count => Text::of('a count'),
            self::AirFlow => Text::of('an air flow'),
            self::YesNo => Text::of('yes or no'),
            self::Word => Text::of('a word'),
        };
    }

    /** @throws \LogicException for words, and for yes and no */
    public function quantity(): Quantity
    {
        return match ($this) {
            self::Length => Quantity::Length,
            self::Area => Quantity::Area,
            self::Angle => Quantity::Angle,
            self::Ratio => Quantity::Ratio,
            self::Count => Quantity::Count,
            self::AirFlow => Quantity::AirFlow,
            self::YesNo, self::Word => throw new \LogicException('Words have no size.'),
        };
    }

    public static function ofQuantity(Quantity $quantity): self
    {
        return match ($quantity) {
            Quantity::Length => self::Length,
            Quantity::Area => self::Area,
            Quantity::Angle => self::Angle,
            Quantity::Ratio => self::Ratio,
            Quantity::Count => self::Count,
            Quantity::AirFlow => self::AirFlow,
        };
    }
}
