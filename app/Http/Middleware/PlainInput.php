<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is one value comes as one value: `?q[]=1` is refused here, whatever page it is asked of. */
final class PlainInput
{
    /** What forms and addresses send as lists. */
    private const LISTS = [
        'ids', 'fields', 'legs', 'books', 'settings', 'with', 'stretches', 'crossings', 'line', 'corners', 'uses',
        'only', 'views', 'walls', 'kinds', 'widths', 'places', 'wishes',
    ];

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        // the body of a request to the API may be a home itself
        $given = $request->is('api/*') ? $request->query() : $request->input();
        foreach (is_array($given) ? $given : [] as $key => $value) {
            abort_if(is_array($value) && !in_array($key, self::LISTS, true), 422, __('":key" is one value, not a list.', ['key' => $key]));
            abort_if(is_string($value) && !mb_check_encoding($value, 'UTF-8'), 422, __('":key" is no text in UTF-8.', ['key' => $key]));
        }

        return $next($request);
    }
}
