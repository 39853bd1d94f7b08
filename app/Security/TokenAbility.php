<?php

declare(strict_types=1);

namespace App\Security;

/** What a token of the API may be used for. */
enum TokenAbility: string
{
    case Read = 'read';
    case HandIn = 'hand-in';

    public function words(): string
    {
        return match ($this) {
            self::Read => __('read and check'),
            self::HandIn => __('read, check and hand in'),
        };
    }

    /** @return list<string> as the token holds them: whoever hands in also reads */
    public function held(): array
    {
        return $this === self::HandIn ? [self::Read->value, self::HandIn->value] : [self::Read->value];
    }
}
