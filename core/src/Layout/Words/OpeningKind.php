<?php

declare(strict_types=1);

namespace Heurema\Layout\Words;

/** A gap is a cased or bare opening. */
enum OpeningKind: string
{
    case Door = 'door';
    case Window = 'window';
    case Gap = 'gap';

    public function words(): string
    {
        return $this === self::Gap ? 'Opening' : ucfirst($this->value);
    }

    /** What its marks begin with (common practice, no source). */
    public function letters(): string
    {
        return match ($this) {
            self::Door => 'D',
            self::Window => 'W',
            self::Gap => 'O',
        };
    }
}
