<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CodeRequest;
use App\Http\Requests\CurrentPasswordRequest;
use App\Models\User;
use App\Security\SecondStep;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** The second step of one's own account. */
final readonly class SecondStepController
{
    public function __construct(private SecondStep $second) {}

    public function store(#[CurrentUser] User $user): RedirectResponse
    {
        abort_if($user->hasCodes(), 409, __('The second step is set up already.'));
        $this->second->begin($user);

        return redirect()->route('account');
    }

    public function update(CodeRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $spare = $user->hasCodes() ? null : $this->second->confirm($user, $request->string('code')->value());

        return $spare === null
            ? redirect()->route('account')->withErrors(['code' => __('That is not the code that it shows now.')])
            : redirect()->route('account')->with('spare', $spare);
    }

    public function destroy(CurrentPasswordRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $this->second->drop($user);

        return redirect()->route('account')->with('status', __('The second step is taken away.'));
    }
}
