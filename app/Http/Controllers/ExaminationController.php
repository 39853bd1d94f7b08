<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ExamineAgain;
use App\Http\Requests\OnceRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Bus;
use Illuminate\View\View;

/** All open reviews of an office examined again, after a book has changed. */
final class ExaminationController
{
    public function store(OnceRequest $request, #[CurrentUser] User $user, ExamineAgain $action): RedirectResponse
    {
        $action->start($user->office, $request->key());

        return redirect()->route('rule-books');
    }

    /** How far it has come; asked for again and again while it runs. */
    public function show(#[CurrentUser] User $user): View
    {
        return view('examination', ['batch' => $user->office->examination === null ? null : Bus::findBatch($user->office->examination)]);
    }
}
