<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** A side of a wall, seen along it from its start to its end. */
enum WallSide: string
{
    case Left = 'left';
    case Right = 'right';

    public function other(): self
    {
        return $this === self::Left ? self::Right : self::Left;
    }
}
