<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A token opens nothing that its owner could not open by signing in, and nothing that it was not made for. */
final class HoldsToken
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next, string $ability): Response
    {
        $user = $request->user();
        abort_unless($user instanceof User, 401);
        abort_if($user->disabled_at !== null, 403, __('The seat that this token belongs to is closed.'));
        abort_if($user->office->removed_at !== null, 403, __('The office that this token belongs to has been removed.'));
        abort_if($user->lacksCodes(), 403, __('The office asks for a second step at signing in: set it up first.'));
        abort_unless($user->tokenCan($ability), 403, __('This token is not made to :ability.', ['ability' => $ability]));

        return $next($request);
    }
}
