<?php

declare(strict_types=1);

namespace Heurema\Drafting;

/** From which lines of its walls the size of a rectangle is taken. */
enum DrawnSize: string
{
    case Outside = 'outside';
    case Inside = 'inside';
    case Middle = 'middle';

    /** How far outside the drawn rectangle the centre lines of its walls lie, mm. */
    public function out(float $thickness): float
    {
        return match ($this) {
            self::Outside => -$thickness / 2,
            self::Inside => $thickness / 2,
            self::Middle => 0.0,
        };
    }
}
