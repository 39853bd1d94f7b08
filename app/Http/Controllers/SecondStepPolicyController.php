<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SecondStepPolicyRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Whether an office wants a second step at signing in. */
final class SecondStepPolicyController
{
    /** Principals and reviewers sign in with a second step, or not. */
    public function update(SecondStepPolicyRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->office->update(['wants_codes' => $request->boolean('wanted')]);
        $user->office->log(
            $user,
            $request->boolean('wanted') ? __('a second step is wanted at signing in') : __('no second step is wanted at signing in'),
        );

        return redirect()->route('people');
    }
}
