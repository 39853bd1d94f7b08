<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The answer to somebody who has shown who he is. */
final class SignedIn
{
    public static function as(Request $request, User $user, bool $remember): RedirectResponse
    {
        Auth::login($user, $remember);
        $request->session()->regenerate();

        return redirect()->intended(route('desk'));
    }
}
