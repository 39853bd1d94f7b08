<?php

declare(strict_types=1);

namespace App\Models;

/** In what light somebody works. */
enum Light: string
{
    case System = 'system';
    case Day = 'day';
    case Evening = 'evening';

    public function words(): string
    {
        return match ($this) {
            self::System => __('as the system has it'),
            self::Day => __('day'),
            self::Evening => __('evening'),
        };
    }
}
