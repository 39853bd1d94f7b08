<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SubmitScheme;
use App\Models\Scheme;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class RevisionController
{
    public function store(Request $request, Scheme $scheme, #[CurrentUser] User $user, SubmitScheme $action): RedirectResponse
    {
        $request->validate(['answer' => ['nullable', 'string', 'max:4000'], 'after' => ['nullable', 'integer', 'min:0']]);

        return redirect()->route('review', $action->submit($scheme, $user, $request->string('answer')->value(), $request->filled('after') ? $request->integer('after') : null));
    }
}
