<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SubmitScheme;
use App\Http\Requests\SubmissionRequest;
use App\Models\Scheme;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

final class RevisionController
{
    public function store(SubmissionRequest $request, Scheme $scheme, #[CurrentUser] User $user, SubmitScheme $action): RedirectResponse
    {

        return redirect()->route(
            'review',
            $action->submit(
                $scheme,
                $user,
                $request->string('answer')->value(),
                $request->filled('after') ? $request->integer('after') : null,
            ),
        );
    }
}
