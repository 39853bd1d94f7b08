<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SignIn;
use App\Models\User;
use App\Security\SecondStep;
use App\Security\Sessions;
use App\Security\TimeCode;
use App\Security\UncommonPassword;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** One's own account: its password, where one is signed in, the second step. */
final readonly class AccountController
{
    public function __construct(private Sessions $sessions, private SecondStep $second) {}

    public function show(Request $request, #[CurrentUser] User $user): View
    {
        return view('account', [
            'user' => $user,
            'sessions' => $this->sessions->of($user),
            'isThis' => fn(SignIn $one): bool => $this->sessions->isThis($one, $request->session()),
            'codeAddress' => $user->code_secret === null || $user->hasCodes() ? null : TimeCode::address($user->code_secret, $user->email),
        ]);
    }

    /** Every other session ends with it. */
    public function password(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(['current' => ['required', 'current_password'], 'password' => ['required', 'confirmed', 'max:255', new UncommonPassword([$user->name, $user->email])]], ['current.current_password' => 'This is not your password.']);
        $user->forceFill(['password' => $request->string('password')->value()])->save();
        $this->sessions->endAll($user, $request->session());
        $request->session()->regenerate();

        return redirect()->route('account')->with('status', 'The new password is set; everywhere else you are signed out.');
    }

    public function endSession(string $session, #[CurrentUser] User $user): RedirectResponse
    {
        $this->sessions->end($user, $session);

        return redirect()->route('account')->with('status', 'That session has ended.');
    }

    public function endOthers(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $this->sessions->endAll($user, $request->session());

        return redirect()->route('account')->with('status', 'Everywhere else you are signed out.');
    }

    public function beginCodes(#[CurrentUser] User $user): RedirectResponse
    {
        abort_if($user->hasCodes(), 409, 'The second step is set up already.');
        $this->second->begin($user);

        return redirect()->route('account');
    }

    public function confirmCodes(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(['code' => ['required', 'string', 'max:20']]);
        $spare = $user->hasCodes() ? null : $this->second->confirm($user, $request->string('code')->value());

        return $spare === null
            ? redirect()->route('account')->withErrors(['code' => 'That is not the code that it shows now.'])
            : redirect()->route('account')->with('spare', $spare);
    }

    public function dropCodes(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $request->validate(['current' => ['required', 'current_password']], ['current.current_password' => 'This is not your password.']);
        $this->second->drop($user);

        return redirect()->route('account')->with('status', 'The second step is taken away.');
    }
}
