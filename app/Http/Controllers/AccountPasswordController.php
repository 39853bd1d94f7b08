<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PasswordChangeRequest;
use App\Models\User;
use App\Security\Sessions;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** One's own password. */
final readonly class AccountPasswordController
{
    public function __construct(private Sessions $sessions) {}

    /** Every other session ends with it. */
    public function update(PasswordChangeRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->forceFill(['password' => $request->string('password')->value()])->save();
        $this->sessions->endAll($user, $request->session());
        $request->session()->regenerate();

        return redirect()->route('account')->with('status', __('The new password is set; everywhere else you are signed out.'));
    }
}
