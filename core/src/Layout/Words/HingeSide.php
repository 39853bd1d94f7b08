<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** At which side the door of a unit or an appliance is hung, as one faces it. */
enum HingeSide: string
{
    case Left = 'left';
    case Right = 'right';
    /** Two leaves. */
    case Both = 'both';

    /** In a mirror. */
    public function other(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Both => self::Both,
        };
    }
}
