<?php

declare(strict_types=1);

namespace App\Models;

/** How much somebody wants to see at once: the size of all text outside drawings. */
enum Density: string
{
    case Close = 'close';
    case Usual = 'usual';
    case Large = 'large';

    public function words(): string
    {
        return match ($this) {
            self::Close => __('smaller text, more rows'),
            self::Usual => __('usual'),
            self::Large => __('larger text'),
        };
    }
}
