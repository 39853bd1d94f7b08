<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Subject\SubjectType;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** The published schema says of rule books what the reader does. */
final class RuleBookSchemaTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function books(): iterable
    {
        $files = glob(__DIR__.'/../../rulebooks/*.yaml');
        foreach ($files === false ? [] : $files as $file) {
            yield basename($file) => [(string) file_get_contents($file)];
        }
        preg_match_all('/```yaml\n(book:.*?)```/s', (string) file_get_contents(__DIR__.'/../../../docs/rule-books.md'), $shown);
        foreach ($shown[1] as $number => $yaml) {
            yield "shown in the documentation, {$number}" => [$yaml];
        }
    }

    #[DataProvider('books')]
    public function test_books_fit(string $yaml): void
    {
        self::assertTrue(self::fits($yaml));
    }

    public function test_the_book_that_is_shown_can_be_read(): void
    {
        preg_match('/```yaml\n(book: us-irc.*?)```/s', (string) file_get_contents(__DIR__.'/../../../docs/rule-books.md'), $shown);
        self::assertSame('room-area', (new RuleBookReader(Catalogue::standard()))->read($shown[1] ?? '', 'shown.yaml')->rules[0]->id);
    }

    /** @return iterable<string, array{string}> */
    public static function misfits(): iterable
    {
        $head = "book: b\ntitle: B\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\n";
        $rule = "rules:\n  - { id: a, clause: '1', title: T, subject: room, why: w, source: s, measure: room.floor_area, %s }\n";
        yield 'no title' => [str_replace("title: B\n", '', $head)];
        yield 'an unknown key' => [$head."rulez: []\n"];
        yield 'a mistyped limit' => [$head.sprintf($rule, 'at_leest: 3 m2')];
        yield 'half a range' => [$head.sprintf($rule, 'between: { low: 3 m2 }')];
        yield 'none that is not' => [$head.sprintf($rule, 'none: false')];
        yield 'a verdict that does not exist' => [$head.sprintf($rule, 'at_least: 3 m2, examples: [{ says: x, verdict: fine }]')];
        yield 'off without a reason' => [$head."amends: c\noff: [{ rule: a }]\n"];
    }

    #[DataProvider('misfits')]
    public function test_what_the_reader_refuses_does_not_fit(string $yaml): void
    {
        self::assertFalse(self::fits($yaml));
    }

    public function test_it_knows_every_subject(): void
    {
        foreach (SubjectType::cases() as $type) {
            self::assertStringContainsString("\"{$type->value}\"", self::schema());
        }
    }

    private static function fits(string $yaml): bool
    {
        return (new Validator())->validate(
            json_decode(json_encode(Yaml::parse($yaml, Yaml::PARSE_OBJECT_FOR_MAP), JSON_THROW_ON_ERROR)),
            self::schema(),
        )->isValid();
    }

    private static function schema(): string
    {
        return (string) file_get_contents(__DIR__.'/../../schema/rulebook-1.schema.json');
    }
}
