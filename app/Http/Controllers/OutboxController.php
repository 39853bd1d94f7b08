<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\OutgoingMail;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;

/** The mail that would have gone out. */
final class OutboxController
{
    public function index(#[CurrentUser] User $user): View
    {
        return view('outbox', ['mails' => OutgoingMail::query()->where('office_id', $user->office_id)->latest('id')->paginate(50)]);
    }
}
