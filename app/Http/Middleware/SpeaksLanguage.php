<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Heurema\Language\Language;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Pages are in the language that somebody chose, or else in that of his browser. */
final class SpeaksLanguage
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();
        $chosen = $user instanceof User ? $user->language : null;
        $wished = $request->getPreferredLanguage(array_column(Language::cases(), 'value'));
        app()->setLocale($chosen->value ?? $wished ?? Language::English->value);

        return $next($request);
    }
}
