<?php

declare(strict_types=1);

namespace App\Examination;

use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookLibrary;
use Illuminate\Contracts\Cache\Repository;

/** What rule books there are, kept until one is written anew: to read them all takes longer than to draw a page. */
final readonly class BookList
{
    private const SECONDS = 7 * 24 * 3600;

    public function __construct(private RuleBookLibrary $library, private Repository $cache) {}

    /** @return list<ListedBook> by title, amendments after what they amend */
    public function books(): array
    {
        return array_map(static fn(array $book): ListedBook => new ListedBook(...$book), $this->kept()['books']);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_map(static fn(array $book): string => $book[0], $this->kept()['books']);
    }

    /** @return array<string, string> why a book cannot be read, by its id */
    public function unreadable(): array
    {
        return $this->kept()['unreadable'];
    }

    /** @return array{books: list<array{string, string, string|null}>, unreadable: array<string, string>} */
    private function kept(): array
    {
        /** @var array{books: list<array{string, string, string|null}>, unreadable: array<string, string>} $kept */
        $kept = $this->cache->remember(
            'books '.hash('xxh128', $this->library->stamp().app()->getLocale().json_encode(config('rules.code'))),
            self::SECONDS,
            $this->read(...),
        );

        return $kept;
    }

    /** @return array{books: list<array{string, string, string|null}>, unreadable: array<string, string>} */
    private function read(): array
    {
        $books = $this->library->readable();
        $titles = array_combine(
            array_map(static fn(RuleBook $book): string => $book->id, $books),
            array_map(static fn(RuleBook $book): string => $book->title, $books),
        );
        $place = static fn(RuleBook $book): string => $book->amends === null
            ? $book->title
            : ($titles[$book->amends] ?? '')." {$book->title}";
        usort($books, static fn(RuleBook $a, RuleBook $b): int => $place($a) <=> $place($b));

        return [
            'books' => array_map(static fn(RuleBook $book): array => [$book->id, $book->title, $book->amends], $books),
            'unreadable' => $this->library->unreadable(),
        ];
    }
}
