<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RemovePeople;
use App\Http\Requests\OfficeRemovalRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** The whole office removed, or brought back. */
final class OfficeController
{
    /** The whole office, or back again. */
    public function destroy(OfficeRemovalRequest $request, #[CurrentUser] User $user, RemovePeople $action): RedirectResponse
    {
        $action->office($user->office, $user);

        return redirect()->route('people');
    }

    public function restore(#[CurrentUser] User $user, RemovePeople $action): RedirectResponse
    {
        abort_if($user->office->removed_at === null, 409, __('The office is there.'));
        $action->bringBack($user->office, $user);

        return redirect()->route('people');
    }
}
