<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Pages\Desk;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;

final class DeskController
{
    public function __invoke(#[CurrentUser] User $user): View
    {
        return view('desk', ['desk' => Desk::of($user->office)]);
    }
}
