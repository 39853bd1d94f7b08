<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form with a key is done once: pressed again with the same in it, at the same moment or later, whoever pressed is led to where the first
 * press led. What was refused, or broke off, may be pressed again.
 */
final class DoneOnce
{
    /** The field of a form that holds its key. */
    public const FIELD = '_once';

    /** Marks of presses are kept for so many days. */
    public const DAYS = 2;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $key = $request->input(self::FIELD);
        if (!is_string($key) || $key === '') {
            return $next($request);
        }

        // the mark is written with what the press wrote, and whoever presses meanwhile waits for it
        return DB::transaction(static function () use ($request, $next, $key): Response {
            $press = self::press($request, $key);
            if (DB::table('presses')->insertOrIgnore(['id' => $press, 'pressed_at' => now()]) === 0) {
                $led = DB::table('presses')->where('id', $press)->value('led_to');

                return redirect(is_string($led) ? $led : '/');
            }
            $response = $next($request);
            $isDone = $response instanceof RedirectResponse && !$request->session()->has('errors');
            $isDone
                ? DB::table('presses')->where('id', $press)->update(['led_to' => $response->getTargetUrl()])
                : DB::table('presses')->where('id', $press)->delete();

            return $response;
        });
    }

    /** Another one for another person, another form or other things in it. */
    private static function press(Request $request, string $key): string
    {
        $files = array_map(
            static fn(mixed $file): string => $file instanceof UploadedFile ? (string) hash_file('xxh128', $file->getPathname()) : '',
            $request->allFiles(),
        );
        $typed = $request->except(['_token', ...array_keys($files)]);

        return hash('sha256', serialize([$request->user()?->getAuthIdentifier(), $request->path(), $key, $typed, $files]));
    }
}
