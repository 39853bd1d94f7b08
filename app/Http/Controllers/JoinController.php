<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\InvitePerson;
use App\Http\Requests\JoinRequest;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

/** Somebody who was invited comes into the office. */
final class JoinController
{
    public function show(string $token): View
    {
        return view('invitation', ['invitation' => Invitation::open($token) ?? abort(404), 'token' => $token]);
    }

    public function store(JoinRequest $request, InvitePerson $action): RedirectResponse
    {
        $invitation = $request->invitation();
        abort_if(User::query()->where('email', $invitation->email)->exists(), 404);
        Auth::login($action->accept($invitation, $request->string('name')->value(), $request->string('password')->value()));
        $request->session()->regenerate();

        return redirect()->route('desk');
    }
}
