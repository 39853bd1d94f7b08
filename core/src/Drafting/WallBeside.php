<?php

declare(strict_types=1);

namespace Heurema\Drafting;

/** Which line of a wall is the one that is drawn along. */
enum WallBeside: string
{
    case Centred = 'centred';
    case Left = 'left';
    case Right = 'right';

    /** How far to the left of the drawn line the wall's centre line lies, mm. */
    public function offset(float $thickness): float
    {
        return match ($this) {
            self::Centred => 0.0,
            self::Left => $thickness / 2,
            self::Right => -$thickness / 2,
        };
    }
}
