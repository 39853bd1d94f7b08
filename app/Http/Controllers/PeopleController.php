<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\InvitePerson;
use App\Actions\RemovePeople;
use App\Models\Invitation;
use App\Models\OfficeEntry;
use App\Models\OutgoingMail;
use App\Models\Role;
use App\Models\User;
use App\Pages\OfficeSizes;
use App\Security\Sessions;
use App\Security\UncommonPassword;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** The people of an office: who they are, who is invited, what mail would have gone out. */
final class PeopleController
{
    public function index(#[CurrentUser] User $user): View
    {
        return view('people', [
            'people' => $user->office->users()->orderBy('name')->get(),
            'invitations' => Invitation::query()->where('office_id', $user->office_id)->whereNull('accepted_at')->latest('id')->get(),
            'entries' => OfficeEntry::query()->with('user')->where('office_id', $user->office_id)->latest('id')->limit(50)->get(),
            'office' => $user->office,
            'sizes' => $user->can('invite', User::class) ? (new OfficeSizes($user->office))->listed() : [],
        ]);
    }

    public function invite(Request $request, #[CurrentUser] User $user, InvitePerson $action): RedirectResponse
    {
        $request->validate(['email' => ['required', 'email', 'max:255'], 'role' => ['required', Rule::enum(Role::class)]]);
        $action->invite($user, $request->string('email')->value(), Role::from($request->string('role')->value()));

        return redirect()->route('people');
    }

    public function change(Request $request, User $person, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(['role' => ['required', Rule::enum(Role::class)]]);
        if ($person->is($user)) {
            return redirect()->route('people')->withErrors(['role' => 'Nobody changes his own role: ask another principal.']);
        }
        $role = Role::from($request->string('role')->value());
        if ($role !== $person->role) {
            $user->office->log($user, "{$person->name}: {$person->role->value} → {$role->value}");
            $person->update(['role' => $role]);
        }

        return redirect()->route('people');
    }

    /** Nobody signs in by a closed seat, and whoever sits in it is signed out; what he did stays under his name. */
    public function seat(Request $request, User $person, #[CurrentUser] User $user, Sessions $sessions): RedirectResponse
    {
        $request->validate(['open' => ['required', 'boolean']]);
        if ($person->is($user)) {
            return redirect()->route('people')->withErrors(['role' => 'Nobody closes his own seat: ask another principal.']);
        }
        $isOpen = $request->boolean('open');
        $person->forceFill(['removed_at' => null, 'disabled_at' => $isOpen ? null : now()])->save();
        $sessions->endAll($person);
        $user->office->log($user, "{$person->name}: seat ".($isOpen ? 'opened again' : 'closed'));

        return redirect()->route('people');
    }

    /** What he did stays under his name for thirty days, in which the account can be opened again. */
    public function remove(User $person, #[CurrentUser] User $user, RemovePeople $action): RedirectResponse
    {
        if ($person->is($user)) {
            return redirect()->route('people')->withErrors(['role' => 'Nobody removes his own account: ask another principal.']);
        }
        $action->account($person, $user);

        return redirect()->route('people');
    }

    /** The whole office, or back again. */
    public function removeOffice(Request $request, #[CurrentUser] User $user, RemovePeople $action): RedirectResponse
    {
        $request->validate(['name' => ['required', 'string', Rule::in([$user->office->name])]], ['name.in' => 'Type the name of the office as it stands above.']);
        $action->office($user->office, $user);

        return redirect()->route('people');
    }

    public function bringOfficeBack(#[CurrentUser] User $user, RemovePeople $action): RedirectResponse
    {
        abort_if($user->office->removed_at === null, 409, 'The office is there.');
        $action->bringBack($user->office, $user);

        return redirect()->route('people');
    }

    public function withdraw(Invitation $invitation, #[CurrentUser] User $user): RedirectResponse
    {
        abort_unless($invitation->office_id === $user->office_id && $invitation->accepted_at === null, 404);
        $user->office->log($user, "invitation of {$invitation->email} withdrawn");
        $invitation->delete();

        return redirect()->route('people');
    }

    /** Principals and reviewers sign in with a second step, or not. */
    public function codes(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(['wanted' => ['required', 'boolean']]);
        $user->office->update(['wants_codes' => $request->boolean('wanted')]);
        $user->office->log($user, $request->boolean('wanted') ? 'a second step is wanted at signing in' : 'no second step is wanted at signing in');

        return redirect()->route('people');
    }

    public function outbox(#[CurrentUser] User $user): View
    {
        return view('outbox', ['mails' => OutgoingMail::query()->where('office_id', $user->office_id)->latest('id')->paginate(50)]);
    }

    public function show(string $token): View
    {
        return view('invitation', ['invitation' => self::open($token), 'token' => $token]);
    }

    public function accept(Request $request, string $token, InvitePerson $action): RedirectResponse
    {
        $invitation = self::open($token);
        $request->validate(['name' => ['required', 'string', 'max:200'], 'password' => ['required', 'confirmed', 'max:255', new UncommonPassword([$request->string('name')->value(), $invitation->email, $invitation->office->name])]]);
        abort_if(User::query()->where('email', $invitation->email)->exists(), 404);
        Auth::login($action->accept($invitation, $request->string('name')->value(), $request->string('password')->value()));
        $request->session()->regenerate();

        return redirect()->route('desk');
    }

    private static function open(string $token): Invitation
    {
        $invitation = Invitation::query()->with(['office', 'user'])->where('token_hash', Invitation::hash($token))->firstOrFail();
        abort_unless($invitation->isOpen(), 404);

        return $invitation;
    }
}
