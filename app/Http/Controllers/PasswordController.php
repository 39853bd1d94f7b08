<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NewPasswordRequest;
use App\Models\User;
use App\Security\Sessions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\View\View;

/** A forgotten password set anew. */
final class PasswordController
{
    public function edit(Request $request, string $token): View
    {
        return view('password-set', ['token' => $token, 'email' => $request->string('email')->value()]);
    }

    public function update(NewPasswordRequest $request, Sessions $sessions): RedirectResponse
    {
        $done = Password::reset($request->only('email', 'password', 'password_confirmation', 'token')
            + ['disabled_at' => null], static function (User $user, string $password) use ($sessions): void {
                $user->forceFill(['password' => $password])->save();
                $sessions->endAll($user);
            });

        return $done === Password::PASSWORD_RESET
            ? redirect()->route('sign-in')->with('status', __('The new password is set.'))
            : redirect()->back()->withErrors(['email' => __('This link is not good any more: ask for another one.')]);
    }
}
