<?php

declare(strict_types=1);

namespace App\Pages;

use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Events\QueryExecuted;

/** What was asked of the database while something was done. */
final class RecordedQueries
{
    /** What only makes it quick: it gives back what has been worked out from the rest. */
    private const OF_CACHE = '/^(select|insert|update|delete)\b[^`]*`cache(_locks)?`/i';

    /** @var list<array{string, list<mixed>}>|null null: nothing is recorded */
    private ?array $queries = null;

    private bool $wasWritten = false;

    public function __construct(Dispatcher $events)
    {
        $events->listen(QueryExecuted::class, $this->record(...));
    }

    /**
     * @template T
     *
     * @param callable(): T $work
     *
     * @return array{T, list<array{string, list<mixed>}>|null} null: it wrote, or asked for locks
     */
    public function during(callable $work): array
    {
        [$this->queries, $this->wasWritten] = [[], false];
        try {
            $result = $work();

            return [$result, $this->queries()];
        } finally {
            $this->queries = null;
        }
    }

    /** @return list<array{string, list<mixed>}>|null */
    private function queries(): ?array
    {
        return $this->wasWritten ? null : $this->queries;
    }

    private function record(QueryExecuted $query): void
    {
        if ($this->queries === null || preg_match(self::OF_CACHE, $query->sql) === 1) {
            return;
        }
        $this->wasWritten = $this->wasWritten || preg_match('/^select\b(?!.*\bfor update$)/is', $query->sql) !== 1;
        $this->queries[] = [$query->sql, array_values($query->bindings)];
    }
}
