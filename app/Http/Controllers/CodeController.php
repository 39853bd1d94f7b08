<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CodeRequest;
use App\Http\SignedIn;
use App\Security\PendingCode;
use App\Security\SecondStep;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** The second step of signing in. */
final class CodeController
{
    public function create(Request $request): View|RedirectResponse
    {
        return PendingCode::in($request->session()) === null ? redirect()->route('sign-in') : view('sign-in-code');
    }

    /** @throws ValidationException */
    public function store(CodeRequest $request, SecondStep $second): RedirectResponse
    {
        $owed = PendingCode::in($request->session());
        if ($owed === null) {
            return redirect()->route('sign-in');
        }
        if (!$second->takes($owed->user, $request->string('code')->value())) {
            throw ValidationException::withMessages(['code' => __('That is not the code that it shows now, or it has been used.')]);
        }
        PendingCode::paid($request->session());

        return SignedIn::as($request, $owed->user, $owed->remember);
    }
}
