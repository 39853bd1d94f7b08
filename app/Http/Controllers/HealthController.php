<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\StoredFile;
use Illuminate\Contracts\Cache\Factory;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** Tells whoever watches over the server whether what it rests on is there: 503 and which of it is gone, else 200. */
final readonly class HealthController
{
    public function __construct(private Factory $caches) {}

    public function __invoke(): JsonResponse
    {
        $parts = array_map(self::works(...), [
            'database' => static fn(): bool => DB::selectOne('select 1 as one') !== null,
            'cache' => $this->cacheKeeps(...),
            'queue' => static fn(): bool => Queue::size() >= 0,
            'disk' => self::diskKeeps(...),
        ]);

        return response()->json(
            array_map(static fn(bool $works): string => $works ? 'works' : 'gone', $parts),
            in_array(false, $parts, true) ? 503 : 200,
        );
    }

    /** @param callable(): bool $ask */
    private static function works(callable $ask): bool
    {
        try {
            return $ask();
        } catch (\Throwable $e) {
            report($e);

            return false;
        }
    }

    private function cacheKeeps(): bool
    {
        // pages go on without the cache, more slowly; whoever watches has to know
        $default = config()->string('cache.default');
        $first = config("cache.stores.{$default}.stores.0");
        $cache = $this->caches->store(is_string($first) ? $first : $default);
        $key = 'health '.Str::random(20);
        $cache->put($key, $key, 10);
        $isKept = $cache->get($key) === $key;
        $cache->forget($key);

        return $isKept;
    }

    private static function diskKeeps(): bool
    {
        $file = 'health-'.Str::random(20);
        StoredFile::put(Storage::disk('local'), $file, 'x');

        return Storage::disk('local')->delete($file);
    }
}
