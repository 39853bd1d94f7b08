<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** What closes an opening in a wall: a door, a window, or nothing (a bare opening, `gap` in the document). */
enum OpeningKind: string
{
    case Door = 'door';
    case Window = 'window';
    case Bare = 'gap';

    public function words(): string
    {
        return $this === self::Bare ? 'Opening' : ucfirst($this->value);
    }

    /** What its marks begin with (common practice, no source). */
    public function letters(): string
    {
        return match ($this) {
            self::Door => 'D',
            self::Window => 'W',
            self::Bare => 'O',
        };
    }
}
