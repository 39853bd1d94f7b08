<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RemovePeople;
use App\Http\Requests\RoleRequest;
use App\Models\Invitation;
use App\Models\OfficeEntry;
use App\Models\User;
use App\Pages\OfficeSizes;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** The people of an office: who they are, what they may do. */
final class PeopleController
{
    public function index(#[CurrentUser] User $user): View
    {
        return view('people', [
            'people' => $user->office->users()->where('email', 'not like', '%'.User::NOWHERE)->orderBy('name')->get(),
            'invitations' => Invitation::query()->where('office_id', $user->office_id)->whereNull('accepted_at')->latest('id')->get(),
            'entries' => OfficeEntry::query()->with('user')->where('office_id', $user->office_id)->latest('id')->limit(50)->get(),
            'office' => $user->office,
            'sizes' => $user->can('invite', User::class) ? (new OfficeSizes($user->office))->listed() : [],
        ]);
    }

    public function update(RoleRequest $request, User $person, #[CurrentUser] User $user): RedirectResponse
    {
        if ($person->is($user)) {
            return redirect()->route('people')->withErrors(['role' => __('Nobody changes his own role: ask another principal.')]);
        }
        $role = $request->role();
        if ($role !== $person->role) {
            $user->office->log($user, "{$person->name}: {$person->role->words()} → {$role->words()}");
            $person->update(['role' => $role]);
        }

        return redirect()->route('people');
    }

    /** What he did stays under his name for thirty days, in which the account can be opened again. */
    public function destroy(User $person, #[CurrentUser] User $user, RemovePeople $action): RedirectResponse
    {
        if ($person->is($user)) {
            return redirect()->route('people')->withErrors(['role' => __('Nobody removes his own account: ask another principal.')]);
        }
        $action->account($person, $user);

        return redirect()->route('people');
    }
}
