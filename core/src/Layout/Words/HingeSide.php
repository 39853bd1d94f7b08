<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** At which side the door of a unit or an appliance is hung, as one faces it. */
enum HingeSide: string
{
    case Left = 'left';
    case Right = 'right';
    /** Two leaves. */
    case Both = 'both';

    public function words(): string
    {
        return Text::word($this->value);
    }

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
