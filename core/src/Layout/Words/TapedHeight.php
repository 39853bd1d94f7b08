<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** A height that is taped on site: above the finished floor, of a room or of an opening. */
enum TapedHeight: string
{
    case Ceiling = 'ceiling';
    case Sill = 'sill';
    case Head = 'head';

    public function words(): string
    {
        return Text::word($this->value);
    }
}
