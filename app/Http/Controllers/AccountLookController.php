<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LookRequest;
use App\Models\User;
use Heurema\Language\Language;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** In what language and light one works, and how large the text is. */
final class AccountLookController
{
    public function update(LookRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->forceFill([
            'light' => $request->string('light')->value(),
            'density' => $request->string('density')->value(),
            'language' => $request->enum('language', Language::class),
        ])->save();
        app()->setLocale($user->language->value ?? app()->getLocale());

        return redirect()->route('account')->with('status', __('Pages look so from now on.'));
    }
}
