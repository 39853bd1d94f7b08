<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PasswordLinkRequest;
use App\Mail\SendPasswordLink;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** A forgotten password: a link to set it anew comes by mail. */
final class PasswordLinkController
{
    public function create(): View
    {
        return view('password-ask');
    }

    /** Says the same whether there is such an account or not. */
    public function store(PasswordLinkRequest $request): RedirectResponse
    {
        SendPasswordLink::dispatch($request->string('email')->value());

        return redirect()->route('sign-in')->with('status', __('If there is such an account, a link is on its way.'));
    }
}
