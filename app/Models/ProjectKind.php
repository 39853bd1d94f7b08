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
            self::NewHome => __('new home'),
            self::Extension => __('extension'),
            self::Alteration => __('alteration'),
            self::Conversion => __('conversion'),
            self::Fitting => __('kitchen or bath fitted'),
        };
    }
}
