<?php

declare(strict_types=1);

namespace App\Models;

/** What kind of work is reviewed. */
enum ProjectKind: string
{
    case NewHome = 'new_home';
    case Extension = 'extension';
    case Alteration = 'alteration';
    case Conversion = 'conversion';
    case Fitting = 'fitting';

    public function words(): string
    {
        return match ($this) {
            self::NewHome => 'new home',
            self::Extension => 'extension',
            self::Alteration => 'alteration',
            self::Conversion => 'conversion',
            self::Fitting => 'kitchen or bath fitted',
        };
    }
}
