<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Role;
use App\Models\User;
use App\Security\Sessions;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever has been disabled, whose office has been removed, or whose session was ended elsewhere, is signed out at once; whoever needs
 * codes to sign in sets them up before anything else.
 */
final readonly class HoldsSeat
{
    public function __construct(private Sessions $sessions) {}

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();
        if (!$user instanceof User) {
            return $next($request);
        }
        if ($user->disabled_at !== null) {
            return self::out($request, __('Your seat has been closed: ask a principal of your office.'));
        }
        if (!$this->sessions->goesOn($request, $user)) {
            return self::out($request, __('This session has been ended: sign in again.'));
        }
        if ($user->office->removed_at !== null && !$request->routeIs('sign-out')) {
            if ($user->role !== Role::Principal) {
                return self::out($request, __('Your office has been removed.'));
            }
            if (!$request->routeIs('people', 'people.office.return')) {
                return redirect()->route('people');
            }
        }
        if ($user->lacksCodes() && !$request->routeIs('account', 'account.*', 'sign-out')) {
            return redirect()->route('account')->with('status', __('Your office wants a second step at signing in: set it up first.'));
        }

        return $next($request);
    }

    private static function out(Request $request, string $why): Response
    {
        Auth::logoutCurrentDevice();
        $request->session()->invalidate();

        return redirect()->route('sign-in')->with('status', $why);
    }
}
