<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeatRequest;
use App\Models\User;
use App\Security\Sessions;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Whether somebody may sign in. */
final class SeatController
{
    /** Nobody signs in by a closed seat, and whoever sits in it is signed out; what he did stays under his name. */
    public function update(SeatRequest $request, User $person, #[CurrentUser] User $user, Sessions $sessions): RedirectResponse
    {
        if ($person->is($user)) {
            return redirect()->route('people')->withErrors(['role' => __('Nobody closes his own seat: ask another principal.')]);
        }
        $isOpen = $request->boolean('open');
        $person->forceFill(['removed_at' => null, 'disabled_at' => $isOpen ? null : now()])->save();
        $sessions->endAll($person);
        $user->office->log($user, $isOpen
            ? __(':name: seat opened again', ['name' => $person->name])
            : __(':name: seat closed', ['name' => $person->name]));

        return redirect()->route('people');
    }
}
