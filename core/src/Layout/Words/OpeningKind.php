<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** What closes an opening in a wall: a door, a window, or nothing (a bare opening, `gap` in the document). */
enum OpeningKind: string
{
    case Door = 'door';
    case Window = 'window';
    case Bare = 'gap';

    public function words(): string
    {
        return match ($this) {
            self::Door => Text::of('Door'),
            self::Window => Text::of('Window'),
            self::Bare => Text::of('Opening'),
        };
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
