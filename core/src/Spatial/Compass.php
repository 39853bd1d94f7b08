<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Language\Texts;

/** The sides of the compass on the sheet of a home. */
final readonly class Compass
{
    /** Around from the right of a sheet whose north is up. */
    #[Texts]
    public const SIDES = ['east', 'north-east', 'north', 'north-west', 'west', 'south-west', 'south', 'south-east'];

    private float $turn;

    /** @param float|null $north where north lies on the sheet, degrees counter-clockwise from the right; null: up, as nobody said */
    public function __construct(?float $north)
    {
        $this->turn = ($north ?? 90.0) - 90.0;
    }

    /** @return list<string> as one says them, from north on */
    public static function clockwise(): array
    {
        return array_reverse([...array_slice(self::SIDES, 3), ...array_slice(self::SIDES, 0, 3)]);
    }

    /** The number among SIDES of the one that a way leads to most. */
    public function number(Point $way): int
    {
        return ((int) round((rad2deg(atan2($way->y, $way->x)) - $this->turn) / 45) % 8 + 8) % 8;
    }

    public function side(Point $way): string
    {
        return self::SIDES[$this->number($way)];
    }

    /** The way, 1 long, to the side of a number among SIDES. */
    public function way(int $number): Point
    {
        $turn = deg2rad(45.0 * $number + $this->turn);

        return new Point(cos($turn), sin($turn));
    }
}
