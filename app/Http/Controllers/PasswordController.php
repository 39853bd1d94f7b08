<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Mail\SendPasswordLink;
use App\Models\User;
use App\Security\Sessions;
use App\Security\UncommonPassword;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\View\View;

/** A forgotten password is set anew by a link that comes by mail. */
final class PasswordController
{
    public function ask(): View
    {
        return view('password-ask');
    }

    /** Says the same whether there is such an account or not. */
    public function send(Request $request): RedirectResponse
    {
        $request->validate(['email' => ['required', 'email', 'max:255']]);
        SendPasswordLink::dispatch($request->string('email')->value());

        return redirect()->route('sign-in')->with('status', 'If there is such an account, a link is on its way.');
    }

    public function edit(Request $request, string $token): View
    {
        return view('password-set', ['token' => $token, 'email' => $request->string('email')->value()]);
    }

    public function store(Request $request, Sessions $sessions): RedirectResponse
    {
        $request->validate(['token' => ['required', 'string', 'max:255'], 'email' => ['required', 'email', 'max:255'], 'password' => ['required', 'confirmed', 'max:255', new UncommonPassword([$request->string('email')->value()])]]);
        $done = Password::reset($request->only('email', 'password', 'password_confirmation', 'token') + ['disabled_at' => null], static function (User $user, string $password) use ($sessions): void {
            $user->forceFill(['password' => $password])->save();
            $sessions->endAll($user);
        });

        return $done === Password::PASSWORD_RESET
            ? redirect()->route('sign-in')->with('status', 'The new password is set.')
            : redirect()->back()->withErrors(['email' => 'This link is not good any more: ask for another one.']);
    }
}
