<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Role;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whoever has been disabled, or whose office has been removed, is signed out at once; whoever needs codes to sign in sets them up before anything else. */
final class HoldsSeat
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();
        if (!$user instanceof User) {
            return $next($request);
        }
        if ($user->disabled_at !== null) {
            Auth::logout();
            $request->session()->invalidate();

            return redirect()->route('sign-in')->with('status', 'Your seat has been closed: ask a principal of your office.');
        }
        if ($user->office->removed_at !== null && !$request->routeIs('sign-out')) {
            if ($user->role !== Role::Principal) {
                Auth::logout();
                $request->session()->invalidate();

                return redirect()->route('sign-in')->with('status', 'Your office has been removed.');
            }
            if (!$request->routeIs('people', 'people.office.return')) {
                return redirect()->route('people');
            }
        }
        if ($user->lacksCodes() && !$request->routeIs('account', 'account.*', 'sign-out')) {
            return redirect()->route('account')->with('status', 'Your office wants a second step at signing in: set it up first.');
        }

        return $next($request);
    }
}
