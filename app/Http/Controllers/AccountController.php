<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SignIn;
use App\Models\User;
use App\Security\Sessions;
use App\Security\TimeCode;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** One's own account: its password, where one is signed in, the second step. */
final readonly class AccountController
{
    public function __construct(private Sessions $sessions) {}

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        return view('account', [
            'user' => $user,
            'sessions' => $this->sessions->of($user),
            'isThis' => fn(SignIn $one): bool => $this->sessions->isThis($one, $request->session()),
            'tokens' => $user->tokens()->latest('id')->get(),
            'codeAddress' => $user->code_secret === null || $user->hasCodes() ? null : TimeCode::address($user->code_secret, $user->email),
        ]);
    }
}
