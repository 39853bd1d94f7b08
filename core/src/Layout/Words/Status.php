<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** What becomes of a drawn element; what is removed takes no part in checks. */
enum Status: string
{
    case New = 'new';
    case Existing = 'existing';
    case Removed = 'removed';

    public function words(): string
    {
        return Text::word($this->value);
    }
}
