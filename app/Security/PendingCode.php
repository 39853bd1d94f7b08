<?php

declare(strict_types=1);

namespace App\Security;

use App\Models\User;
use Illuminate\Contracts\Session\Session;

/** Who has typed his password and owes a code: kept in the session for a few minutes. */
final readonly class PendingCode
{
    private const KEY = 'owes-code';

    private const MINUTES = 10;

    private function __construct(public User $user, public bool $remember) {}

    public static function owe(Session $session, User $user, bool $remember): void
    {
        $session->put(
            self::KEY,
            ['user' => $user->id, 'remember' => $remember, 'until' => now()->addMinutes(self::MINUTES)->getTimestamp()],
        );
    }

    public static function in(Session $session): ?self
    {
        /** @var array{user: int, remember: bool, until: int}|null $owed as owe() put it */
        $owed = $session->get(self::KEY);
        $user = $owed === null || $owed['until'] < now()->getTimestamp()
            ? null
            : User::query()->whereNull('disabled_at')->find($owed['user']);

        return $owed === null || $user === null ? null : new self($user, $owed['remember']);
    }

    public static function paid(Session $session): void
    {
        $session->forget(self::KEY);
    }
}
