<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;

/** What becomes of a value when its element is moved, turned or mirrored. */
enum MotionRule
{
    /** But for what stands in it and says for itself what becomes of it. */
    case Stays;
    /** A point, or points, of the sheet. */
    case Moves;
    /** A direction on the sheet, in degrees. */
    case Turns;
    /** Left is right in a mirror. */
    case ChangesSides;
    /** An outline as it would stand at the origin facing 90 degrees. */
    case IsMirrored;

    public function after(Motion $motion, mixed $value): mixed
    {
        return match (true) {
            $value === null => $value,
            $this === self::Stays => self::carried($motion, $value),
            $this === self::Moves => self::moved($motion, $value),
            $this === self::Turns => $motion->direction(is_float($value) ? $value : 0.0),
            !$motion->isMirrored() => $value,
            $this === self::ChangesSides => self::otherSide($value),
            default => self::mirrored($value),
        };
    }

    private static function carried(Motion $motion, mixed $value): mixed
    {
        return match (true) {
            $value instanceof Movable => $value->carried($motion),
            is_array($value) => array_map(static fn(mixed $part): mixed => self::carried($motion, $part), $value),
            default => $value,
        };
    }

    private static function moved(Motion $motion, mixed $value): mixed
    {
        return match (true) {
            $value instanceof Point => $motion->point($value),
            $value instanceof Ring => new Ring(array_map($motion->point(...), $value->points)),
            is_array($value) => array_map(static fn(mixed $point): mixed => self::moved($motion, $point), $value),
            default => $value,
        };
    }

    /** The other one of a pair, or of two words. */
    private static function otherSide(mixed $value): mixed
    {
        if (is_array($value)) {
            return array_reverse($value);
        }
        if (!$value instanceof \BackedEnum) {
            return $value;
        }

        return $value::tryFrom(strtr((string) $value->value, ['left' => 'right', 'right' => 'left'])) ?? $value;
    }

    private static function mirrored(mixed $value): mixed
    {
        $points = is_array($value) ? $value : [];

        return array_map(
            static fn(mixed $point): mixed => $point instanceof Point ? new Point(-$point->x + 0.0, $point->y) : $point,
            array_reverse($points),
        );
    }
}
