<?php

declare(strict_types=1);

namespace Heurema\Layout\Intake;

use Heurema\Language\Text;

/** What the listed size of a room takes in of its walls. */
enum RoomSize: string
{
    case Inside = 'faces';
    case Middles = 'middles';
    case Outside = 'outsides';

    /** How many thicknesses of wall lie within a size. */
    public function walls(): float
    {
        return match ($this) {
            self::Inside => 0.0,
            self::Middles => 1.0,
            self::Outside => 2.0,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Inside => Text::of('clear, between faces'),
            self::Middles => Text::of('between wall middles'),
            self::Outside => Text::of('over the outsides'),
        };
    }
}
