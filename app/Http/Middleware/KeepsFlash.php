<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a page is to say once after a form is left for it by parts that are fetched while the form is being answered. */
final class KeepsFlash
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if ($request->isMethod('get') && $request->headers->has('HX-Request')) {
            $request->session()->reflash();
        }

        return $next($request);
    }
}
