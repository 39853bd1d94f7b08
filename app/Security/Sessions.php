<?php

declare(strict_types=1);

namespace App\Security;

use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;

/** Where somebody is signed in, as his sessions are kept in the database. */
final readonly class Sessions
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * @param string $current id of the session that asks
     *
     * @return list<SignedIn> the latest first
     */
    public function of(User $user, string $current): array
    {
        $sessions = [];
        foreach ($this->table($user)->orderByDesc('last_activity')->limit(50)->get(['id', 'ip_address', 'user_agent', 'last_activity']) as $row) {
            /** @var array{id: string, ip_address: string|null, user_agent: string|null, last_activity: int} $kept */
            $kept = (array) $row;
            $sessions[] = new SignedIn(self::key($kept['id']), $kept['ip_address'] ?? 'an unknown address', $kept['user_agent'] ?? '', Carbon::createFromTimestamp($kept['last_activity']), $kept['id'] === $current);
        }

        return $sessions;
    }

    /** Ends one of somebody's own by its key. */
    public function end(User $user, string $key): void
    {
        $ids = $this->table($user)->pluck('id')->filter(static fn(mixed $id): bool => is_string($id) && hash_equals(self::key($id), $key));
        $this->table($user)->whereIn('id', $ids)->delete();
    }

    /** @param string|null $except id of the session that goes on */
    public function endAll(User $user, ?string $except = null): void
    {
        $this->table($user)->when($except !== null, static fn(Builder $query) => $query->where('id', '!=', $except))->delete();
    }

    /** What a page calls a session by: with its id itself somebody could go on in it. */
    private static function key(string $id): string
    {
        return hash('sha256', "session {$id}");
    }

    private function table(User $user): Builder
    {
        return $this->database->table('sessions')->where('user_id', $user->id);
    }
}
