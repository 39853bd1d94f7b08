<?php

declare(strict_types=1);

namespace App\Models;

/** What a reviewer decides about a finding. */
enum RulingKind: string
{
    /** It has to be mended. */
    case Uphold = 'uphold';

    /** It may stay as it is, for a reason. */
    case Waive = 'waive';

    /** The designer is asked. */
    case Ask = 'ask';

    /** It is settled: nothing is left to do. */
    case Settle = 'settle';

    /** Said as what was done. */
    public function words(): string
    {
        return match ($this) {
            self::Uphold => __('upheld'),
            self::Waive => __('waived'),
            self::Ask => __('asked'),
            self::Settle => __('settled'),
        };
    }

    /** Does it go into the letter? */
    public function isForLetter(): bool
    {
        return $this === self::Uphold || $this === self::Ask;
    }

    /** Does it need a reason, or the question itself? */
    public function needsWords(): bool
    {
        return $this === self::Waive || $this === self::Ask;
    }
}
