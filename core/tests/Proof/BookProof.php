<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\RuleCheck;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\Rule;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use PHPUnit\Framework\TestCase;

/** A rule book held against what its published document says, value by value. */
abstract class BookProof extends TestCase
{
    /** @var array<string, RuleBook> */
    private static array $read = [];

    /**
     * The verdict of a rule on stated facts.
     *
     * @param string                                $rule     `book/rule`
     * @param array<string, string|bool|float|int>  $facts
     * @param array<string, string|bool|float|int>  $settings
     * @param array<string, list<array<string, string|bool|float|int>>> $related
     */
    protected static function verdict(string $rule, array $facts, array $settings = [], array $related = []): string
    {
        $book = self::book($rule);

        return (new RuleCheck($book))->check(
            self::rule($rule),
            ExampleFacts::of(new Example('x', $facts, $related, $settings, 'met'), $book->vocabulary),
        )->verdict->value;
    }

    protected static function isAdvice(string $rule): bool
    {
        return self::book($rule)->isAdvice || self::rule($rule)->isAdvice;
    }

    private static function rule(string $rule): Rule
    {
        $named = array_column(self::book($rule)->rules, null, 'id')[explode('/', $rule)[1]] ?? null;
        self::assertInstanceOf(Rule::class, $named);

        return $named;
    }

    private static function book(string $rule): RuleBook
    {
        $id = explode('/', $rule)[0];

        return self::$read[$id] ??= (new RuleBookReader(Catalogue::standard()))->readFile(__DIR__."/../../rulebooks/{$id}.yaml");
    }
}
