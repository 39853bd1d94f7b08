<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

use Heurema\Language\Text;

/** The end of the wall nearer the hinge. */
enum HingeEnd: string
{
    case From = 'from';
    case To = 'to';

    public function words(): string
    {
        return Text::word($this->value);
    }

    public function other(): self
    {
        return $this === self::From ? self::To : self::From;
    }
}
