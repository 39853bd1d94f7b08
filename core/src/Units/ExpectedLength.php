<?php

declare(strict_types=1);

namespace Heurema\Units;

use Heurema\Language\Text;
use Heurema\Language\Texts;

/**
 * The kinds of length that a home has, and the range in which each usually lies, in mm (common practice, no source).
 *
 * Outside the range a length may still be right; it is asked about when a slip of the unit or of a nought would explain it.
 */
enum ExpectedLength
{
    case WallThickness;
    case CeilingHeight;
    case RoomSide;
    case DoorWidth;
    case DoorHeight;
    case WindowWidth;
    case WindowHeight;
    case Sill;
    case Frame;
    case SmallFixture;
    case Fixture;
    case Counter;
    case Cabinet;
    case Mirror;
    case StairWidth;
    case Riser;
    case Tread;

    /** What a slip multiplies a length by, and how it happens. */
    #[Texts]
    private const SLIPS = [
        [10.0, 'a nought too few, or centimetres for millimetres'],
        [0.1, 'a nought too many'],
        [25.4, 'inches for millimetres'],
        [1000.0, 'metres for millimetres'],
        [304.8, 'feet for millimetres'],
        [1 / 25.4, 'millimetres for inches'],
        [0.01, 'two noughts too many'],
        [100.0, 'two noughts too few'],
    ];

    /** @return array{float, float} mm */
    public function range(): array
    {
        return match ($this) {
            self::WallThickness => [40, 1000],
            self::CeilingHeight => [1200, 8000],
            self::RoomSide => [500, 30000],
            self::DoorWidth => [400, 6000],
            self::DoorHeight => [1500, 4000],
            self::WindowWidth, self::WindowHeight => [200, 8000],
            self::Sill => [0, 3000],
            self::Frame => [10, 200],
            self::SmallFixture => [200, 1200],
            self::Fixture => [250, 3000],
            self::Counter => [250, 6000],
            self::Cabinet => [150, 6000],
            self::Mirror => [150, 3000],
            self::StairWidth => [500, 4000],
            self::Riser => [80, 300],
            self::Tread => [120, 1200],
        };
    }

    /**
     * The question a length raises, with the likely value where a slip would explain it; null when it is as usual.
     *
     * @param UnitSystem $typed what a bare number counts in
     */
    public function doubt(float $mm, UnitSystem $typed = UnitSystem::Metric): ?UnlikelyLength
    {
        [$least, $most] = $this->range();
        if ($mm >= $least && $mm <= $most) {
            return null;
        }
        $feet = $typed === UnitSystem::Imperial ? self::feetWithPoint($mm / Amount::MM_PER_INCH) : null;
        if ($feet !== null && $feet >= $least && $feet <= $most) {
            return new UnlikelyLength($this, $mm, round($feet, 4), Text::of('feet and inches with a point between them'));
        }
        foreach (self::SLIPS as [$factor, $how]) {
            if ($mm * $factor >= $least && $mm * $factor <= $most) {
                return new UnlikelyLength($this, $mm, round($mm * $factor, 4), Text::of($how));
            }
        }

        return new UnlikelyLength($this, $mm, null, Text::of('outside the usual range'));
    }

    /** `6.8` meant as 6 feet 8 inches, mm; null where it cannot be. */
    private static function feetWithPoint(float $number): ?float
    {
        $inches = round(($number - floor($number)) * 10, 6);

        return $inches > 0 && $inches === floor($inches) ? floor($number) * Amount::MM_PER_FOOT + $inches * Amount::MM_PER_INCH : null;
    }

    public function words(): string
    {
        return Text::of(strtolower((string) preg_replace('/(?<!^)([A-Z])/', ' $1', $this->name)));
    }
}
