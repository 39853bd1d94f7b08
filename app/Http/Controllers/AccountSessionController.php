<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Security\Sessions;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Where one is signed in. */
final readonly class AccountSessionController
{
    public function __construct(private Sessions $sessions) {}

    public function destroy(string $session, #[CurrentUser] User $user): RedirectResponse
    {
        $this->sessions->end($user, $session);

        return redirect()->route('account')->with('status', __('That session has ended.'));
    }

    public function destroyOthers(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $this->sessions->endAll($user, $request->session());

        return redirect()->route('account')->with('status', __('Everywhere else you are signed out.'));
    }
}
