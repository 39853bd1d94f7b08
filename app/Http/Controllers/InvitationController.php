<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\InvitePerson;
use App\Http\Requests\InvitationRequest;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Who is invited to an office. */
final class InvitationController
{
    public function store(InvitationRequest $request, #[CurrentUser] User $user, InvitePerson $action): RedirectResponse
    {
        $action->invite($user, $request->string('email')->value(), $request->role());

        return redirect()->route('people');
    }

    public function destroy(Invitation $invitation, #[CurrentUser] User $user): RedirectResponse
    {
        abort_unless($invitation->office_id === $user->office_id && $invitation->accepted_at === null, 404);
        $user->office->log($user, __('invitation of :email withdrawn', ['email' => $invitation->email]));
        $invitation->delete();

        return redirect()->route('people');
    }
}
