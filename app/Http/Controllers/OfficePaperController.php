<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\OfficePaperRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** How an office's letters and sheets are set. */
final class OfficePaperController
{
    public function update(OfficePaperRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->office->update($request->values());

        return redirect()->route('people');
    }
}
