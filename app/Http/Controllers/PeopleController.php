<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\InvitePerson;
use App\Models\Invitation;
use App\Models\OutgoingMail;
use App\Models\Role;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;
use Illuminate\View\View;

/** The people of an office: who they are, who is invited, what mail would have gone out. */
final class PeopleController
{
    public function index(#[CurrentUser] User $user): View
    {
        return view('people', [
            'people' => $user->office->users()->orderBy('name')->get(),
            'invitations' => Invitation::query()->where('office_id', $user->office_id)->whereNull('accepted_at')->latest('id')->get(),
        ]);
    }

    public function invite(Request $request, #[CurrentUser] User $user, InvitePerson $action): RedirectResponse
    {
        $request->validate(['email' => ['required', 'email', 'max:255', Rule::unique('users', 'email')], 'role' => ['required', Rule::enum(Role::class)]], ['email.unique' => 'There is an account with this address already.']);
        $action->invite($user, $request->string('email')->value(), Role::from($request->string('role')->value()));

        return redirect()->route('people');
    }

    public function change(Request $request, User $person, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(['role' => ['required', Rule::enum(Role::class)]]);
        if ($person->is($user)) {
            return redirect()->route('people')->withErrors(['role' => 'Nobody changes his own role: ask another principal.']);
        }
        $person->update(['role' => Role::from($request->string('role')->value())]);

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
        $request->validate(['name' => ['required', 'string', 'max:200'], 'password' => ['required', 'confirmed', 'max:255', Password::min(8)]]);
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
