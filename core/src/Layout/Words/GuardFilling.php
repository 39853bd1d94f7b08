<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** What a guard is filled with between its posts. */
enum GuardFilling: string
{
    case Bars = 'bars';
    case Cables = 'cables';
    case Glass = 'glass';
    case Solid = 'solid';

    /** Nothing passes through it, and it gives no foothold. */
    public function isClosed(): bool
    {
        return $this === self::Glass || $this === self::Solid;
    }
}
