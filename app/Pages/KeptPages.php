<?php

declare(strict_types=1);

namespace App\Pages;

use App\Examination\Packed;
use App\Models\User;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Connection;
use Illuminate\Http\Request;

/**
 * Pages as they were drawn, each with the queries that it was drawn from: as long as they give the same rows, to the same person, by the
 * same rule books and code, it is the same page, and is not drawn again. A page tells nothing of the time or of files other than those.
 */
final class KeptPages
{
    private const SECONDS = 24 * 3600;

    /** In a kept page, where the token of a session stands. */
    private const TOKEN = '@@token@@';

    /** What the session holds for one answer only: such a page is that answer's alone. */
    private const ONCE = ['errors', 'status', '_old_input'];

    public function __construct(
        private readonly Repository $cache,
        private readonly Connection $database,
        private readonly RuleBookLibrary $library,
        private readonly RecordedQueries $recorded,
    ) {}

    /** @param callable(): string $draw */
    public function page(Request $request, User $user, callable $draw): string
    {
        $session = $request->session();
        if (array_filter(self::ONCE, $session->has(...)) !== []) {
            return $draw();
        }
        $key = 'page '.$this->stamp($request, $user);
        $kept = $this->kept($key);
        if ($kept !== null && $this->stillHolds($kept)) {
            return str_replace(self::TOKEN, $session->token(), $kept['html']);
        }

        // one state of the database, for the page and for what is kept of its rows
        return $this->database->transaction(fn(): string => $this->keep($key, $session, $draw));
    }

    /** @param callable(): string $draw */
    private function keep(string $key, Session $session, callable $draw): string
    {
        [$html, $queries] = $this->recorded->during($draw);
        if ($queries !== null && !str_contains($html, self::TOKEN)) {
            $kept = [
                'html' => str_replace($session->token(), self::TOKEN, $html),
                'queries' => array_map(fn(array $query): array => [...$query, $this->rows(...$query)], $queries),
            ];
            $this->cache->put($key, Packed::pack(serialize($kept)), self::SECONDS);
        }

        return $html;
    }

    /** @return array{html: string, queries: list<array{string, list<mixed>, string}>}|null */
    private function kept(string $key): ?array
    {
        $packed = $this->cache->get($key);
        $text = is_string($packed) ? Packed::unpack($packed) : null;
        /** @var array{html: string, queries: list<array{string, list<mixed>, string}>}|false|null $kept */
        $kept = $text === null ? null : @unserialize($text, ['allowed_classes' => false]);

        return $kept === false ? null : $kept;
    }

    /** @param array{html: string, queries: list<array{string, list<mixed>, string}>} $kept */
    private function stillHolds(array $kept): bool
    {
        foreach ($kept['queries'] as [$sql, $bindings, $rows]) {
            if ($this->rows($sql, $bindings) !== $rows) {
                return false;
            }
        }

        return true;
    }

    /** @param list<mixed> $bindings */
    private function rows(string $sql, array $bindings): string
    {
        return hash('xxh128', serialize($this->database->select($sql, $bindings)));
    }

    private function stamp(Request $request, User $user): string
    {
        $person = [$user->getRawOriginal(), $user->office->getRawOriginal()];

        // scripts and styles that were built anew have other names
        $code = [$this->library->stamp(), config('rules.code'), config('pages.code'), @filemtime(public_path('build/manifest.json'))];

        return hash('xxh128', serialize([$request->fullUrl(), app()->getLocale(), $person, $code]));
    }
}
