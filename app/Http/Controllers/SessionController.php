<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Http\SignedIn;
use App\Models\User;
use App\Security\PendingCode;
use App\Security\Sessions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Signing in and out. */
final class SessionController
{
    public function create(): View
    {
        return view('sign-in');
    }

    /**
     * Says the same, in the same time, whether there is such an account, whether it is disabled, or the password wrong.
     *
     * @throws ValidationException
     */
    public function store(SignInRequest $request): RedirectResponse
    {
        $isRight = Auth::validate([...$request->credentials(), 'disabled_at' => null]);
        $user = $isRight ? Auth::getLastAttempted() : null;
        if (!$user instanceof User) {
            throw ValidationException::withMessages(['email' => __('No account has this address and password.')]);
        }
        if ($user->hasCodes()) {
            PendingCode::owe($request->session(), $user, $request->boolean('remember'));

            return redirect()->route('sign-in.code');
        }

        return SignedIn::as($request, $user, $request->boolean('remember'));
    }

    public function destroy(Request $request, Sessions $sessions): RedirectResponse
    {
        $sessions->endThis($request->session());
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
