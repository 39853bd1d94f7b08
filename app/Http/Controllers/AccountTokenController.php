<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TokenRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Tokens by which programs use the API in one's own name. */
final class AccountTokenController
{
    /** One account has so many at the most. */
    public const MOST = 50;

    public function store(TokenRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        abort_if($user->tokens()->count() >= self::MOST, 409, __('You have :most tokens: withdraw one first.', ['most' => self::MOST]));
        $token = $user->createToken($request->string('name')->trim()->value(), $request->ability()->held(), $request->until());

        return redirect()->route('account')->with('token', $token->plainTextToken);
    }

    public function destroy(string $token, #[CurrentUser] User $user): RedirectResponse
    {
        abort_if($user->tokens()->whereKey($token)->delete() === 0, 404);

        return redirect()->route('account')->with('status', __('That token is withdrawn: no program uses it any more.'));
    }
}
