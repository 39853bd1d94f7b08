<?php

declare(strict_types=1);

namespace App\Models;

/** Where a revision is in its review. */
enum RevisionState: string
{
    /** Handed in; nobody has ruled on it yet. */
    case Submitted = 'submitted';

    /** Being ruled on. */
    case InReview = 'in_review';

    /** Its letter is with the designer. */
    case Returned = 'returned';

    /** The next revision has taken its place. */
    case Superseded = 'superseded';

    case SignedOff = 'signed_off';

    public function words(): string
    {
        return match ($this) {
            self::Submitted => __('submitted'),
            self::InReview => __('in review'),
            self::Returned => __('letter sent'),
            self::Superseded => __('superseded'),
            self::SignedOff => __('signed off'),
        };
    }

    /** May a reviewer rule on it, send its letter or sign it off? */
    public function isOpen(): bool
    {
        return $this === self::Submitted || $this === self::InReview;
    }
}
