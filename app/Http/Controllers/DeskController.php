<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Pages\Desk;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class DeskController
{
    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        return view(
            'desk',
            [
                'desk' => Desk::of(
                    $user->office,
                    mb_substr($request->string('q')->trim()->value(), 0, 100),
                    $request->string('state')->value(),
                ),
            ],
        );
    }
}
