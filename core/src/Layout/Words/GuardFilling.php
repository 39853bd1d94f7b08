<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** What a guard is filled with between its posts. */
enum GuardFilling: string
{
    case Bars = 'bars';
    case Cables = 'cables';
    case Glass = 'glass';
    case Solid = 'solid';

    public function words(): string
    {
        return Text::word($this->value);
    }

    /** Nothing passes through it, and it gives no foothold. */
    public function isClosed(): bool
    {
        return $this === self::Glass || $this === self::Solid;
    }
}
