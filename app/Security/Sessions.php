<?php

declare(strict_types=1);

namespace App\Security;

use App\Models\SignIn;
use App\Models\User;
use Illuminate\Auth\Events\Login;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** Where somebody is signed in: each session knows its sign-in, and ends when that is gone, whatever store sessions are kept in. */
final readonly class Sessions
{
    /** In a session, the id of its sign-in. */
    private const SIGN_IN = 'sign-in';

    /** Seconds in which a sign-in is not marked as seen again. */
    private const SEEN_LATELY = 60;

    /** @return Collection<int, SignIn> the latest first */
    public function of(User $user): Collection
    {
        return $this->live($user)->orderByDesc('seen_at')->limit(50)->get();
    }

    public function isThis(SignIn $signIn, Session $session): bool
    {
        return $session->get(self::SIGN_IN) === $signIn->id;
    }

    /** Whoever has just signed in, by his password or because his browser was to remember him. */
    public function begin(Login $login): void
    {
        if ($login->user instanceof User && request()->hasSession()) {
            $this->beginIn(request(), $login->user);
        }
    }

    /** Does this session go on? One that nobody has noted yet is noted. */
    public function goesOn(Request $request, User $user): bool
    {
        $id = $request->session()->get(self::SIGN_IN);
        if ($id === null) {
            $this->beginIn($request, $user);

            return true;
        }
        $signIn = SignIn::query()->where('user_id', $user->id)->whereKey($id)->first();
        if ($signIn !== null && $signIn->seen_at->diffInSeconds(now()) > self::SEEN_LATELY) {
            $signIn->update(['seen_at' => now()]);
        }

        return $signIn !== null;
    }

    /** Ends one of somebody's own; no browser is remembered any longer. */
    public function end(User $user, string $id): void
    {
        $this->remembersNobody($user);
        SignIn::query()->where('user_id', $user->id)->whereKey($id)->delete();
    }

    public function endThis(Session $session): void
    {
        SignIn::query()->whereKey($session->get(self::SIGN_IN))->delete();
    }

    /** @param Session|null $except that goes on */
    public function endAll(User $user, ?Session $except = null): void
    {
        $this->remembersNobody($user);
        SignIn::query()
            ->where('user_id', $user->id)
            ->when($except !== null, static fn(Builder $query) => $query->whereKeyNot($except?->get(self::SIGN_IN)))
            ->delete();
    }

    /** Throws away those whose sessions are over. */
    public static function prune(): void
    {
        SignIn::query()->where('seen_at', '<', self::oldest())->delete();
    }

    private function beginIn(Request $request, User $user): void
    {
        $signIn = SignIn::query()->create([
            'user_id' => $user->id,
            'address' => $request->ip(),
            'agent' => mb_scrub(Str::substr((string) $request->userAgent(), 0, SignIn::LONGEST_AGENT)),
            'seen_at' => now(),
        ]);
        $request->session()->put(self::SIGN_IN, $signIn->id);
    }

    private function remembersNobody(User $user): void
    {
        $user->forceFill(['remember_token' => Str::random(60)])->save();
    }

    /** @return Builder<SignIn> */
    private function live(User $user): Builder
    {
        return SignIn::query()->where('user_id', $user->id)->where('seen_at', '>=', self::oldest());
    }

    private static function oldest(): Carbon
    {
        return now()->subMinutes(config()->integer('session.lifetime'))->subSeconds(self::SEEN_LATELY);
    }
}
