<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Writes a line into the log for every answer: what was asked for by whom, known by number alone, how it ended and how long it took. The
 * answer carries the number of its request, by which everything that was logged about it is found.
 */
final class TellsOfRequest
{
    private const ID = 'X-Request-Id';

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $start = hrtime(true);
        $id = (string) Str::ulid();
        Context::add('request', $id);
        $response = $next($request);
        $response->headers->set(self::ID, $id);
        Log::info('answered', [
            'method' => $request->method(),
            'route' => $request->route()?->getName() ?? $request->route()?->uri(),
            'status' => $response->getStatusCode(),
            'person' => $request->user()?->getAuthIdentifier(),
            'ms' => round((hrtime(true) - $start) / 1e6, 1),
        ]);

        return $response;
    }
}
