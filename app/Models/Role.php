<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody does in an office. */
enum Role: string
{
    case Designer = 'designer';
    case Reviewer = 'reviewer';
    case Principal = 'principal';

    public function words(): string
    {
        return match ($this) {
            self::Designer => __('designer'),
            self::Reviewer => __('reviewer'),
            self::Principal => __('principal'),
        };
    }
}
