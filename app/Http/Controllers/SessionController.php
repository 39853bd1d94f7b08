<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Security\SecondStep;
use App\Security\Sessions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Signing in, in one step or two, and out. */
final class SessionController
{
    /** Who has typed his password and owes a code: his id, whether he stays signed in, until when. */
    private const OWES = 'owes-code';

    private const MINUTES = 10;

    public function create(): View
    {
        return view('sign-in');
    }

    /**
     * Says the same, in the same time, whether there is such an account, whether it is disabled, or the password wrong.
     *
     * @throws ValidationException
     */
    public function store(Request $request): RedirectResponse
    {
        /** @var array{email: string, password: string} $credentials */
        $credentials = $request->validate(['email' => ['required', 'email', 'max:255'], 'password' => ['required', 'string', 'max:255']]);
        $isRight = Auth::validate([...$credentials, 'disabled_at' => null]);
        $user = $isRight ? Auth::getLastAttempted() : null;
        if (!$user instanceof User) {
            throw ValidationException::withMessages(['email' => 'No account has this address and password.']);
        }
        if ($user->hasCodes()) {
            $request->session()->put(self::OWES, ['user' => $user->id, 'remember' => $request->boolean('remember'), 'until' => now()->addMinutes(self::MINUTES)->getTimestamp()]);

            return redirect()->route('sign-in.code');
        }

        return self::in($request, $user, $request->boolean('remember'));
    }

    public function askCode(Request $request): View|RedirectResponse
    {
        return self::owing($request) === null ? redirect()->route('sign-in') : view('sign-in-code');
    }

    /** @throws ValidationException */
    public function takeCode(Request $request, SecondStep $second): RedirectResponse
    {
        $owing = self::owing($request);
        $user = $owing === null ? null : User::query()->whereNull('disabled_at')->find($owing['user']);
        if ($owing === null || $user === null) {
            return redirect()->route('sign-in');
        }
        $request->validate(['code' => ['required', 'string', 'max:20']]);
        if (!$second->takes($user, $request->string('code')->value())) {
            throw ValidationException::withMessages(['code' => 'That is not the code that it shows now, or it has been used.']);
        }
        $request->session()->forget(self::OWES);

        return self::in($request, $user, $owing['remember']);
    }

    public function destroy(Request $request, Sessions $sessions): RedirectResponse
    {
        $sessions->endThis($request->session());
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }

    private static function in(Request $request, User $user, bool $remember): RedirectResponse
    {
        Auth::login($user, $remember);
        $request->session()->regenerate();

        return redirect()->intended(route('desk'));
    }

    /** @return array{user: int, remember: bool, until: int}|null */
    private static function owing(Request $request): ?array
    {
        /** @var array{user: int, remember: bool, until: int}|null $owing as store() put it */
        $owing = $request->session()->get(self::OWES);

        return $owing === null || $owing['until'] < now()->getTimestamp() ? null : $owing;
    }
}
