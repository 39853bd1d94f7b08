<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\RuleCheck;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What can never be meant is refused when a book is read, with its line and what is right; and what is said in other ways is understood.
 */
final class RefusalsTest extends TestCase
{
    private const HEAD = "book: b\ntitle: B\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\n";
    private const RULE = "rules:\n  - id: r\n    clause: '1'\n    title: R\n    why: w\n    source: s\n    %s\n";

    /** @return iterable<string, array{string, string}> requirement, a part of the message */
    public static function refusals(): iterable
    {
        yield 'a word of a condition' => [
            "subject: room\n    when: room.use == 'bedrom'\n    measure: room.floor_area\n    at_least: 1 m2",
            'bedroom',
        ];
        yield 'a word of a list' => [
            "subject: fixture\n    when: 'fixture.kind in [''toilet'']'\n    measure: fixture.width\n    at_least: 1 m",
            'toilet',
        ];
        yield 'a parameter' => ["subject: fixture\n    measure: fixture.edge_gap\n    with: { side: midle }\n    at_least: 1 m", 'midle'];
        yield 'a word that is wanted' => ["subject: window\n    measure: window.operation\n    is: casment", 'casement'];
        yield 'limits the wrong way round' => [
            "subject: room\n    measure: room.least_width\n    between: { low: 3 m, high: 2 m }",
            'more than high',
        ];
        yield 'less than nothing' => ["subject: room\n    measure: room.least_width\n    at_least: -2 m", 'below nothing'];
        yield 'divided by nothing' => ["subject: room\n    measure: room.least_width\n    at_least: 2 m / 0", 'divided by 0'];
        yield 'a unit that is none' => ["subject: room\n    measure: room.least_width\n    at_least: 7 cubits", 'units'];
        yield 'an area for a width' => ["subject: room\n    measure: room.least_width\n    at_least: 7 m2", 'does not fit'];
        yield 'an anchor' => ["subject: room\n    measure: &m room.least_width\n    at_least: 2 m", 'Anchors (&) and aliases (*)'];
        yield 'an alias' => [
            "subject: room\n    measure: room.least_width\n    at_least: 2 m\n    examples: [*all]",
            'Anchors (&) and aliases (*)',
        ];
        yield 'doubt without a note' => [
            "subject: room\n    certainty: doubtful\n    measure: room.least_width\n    at_least: 2 m",
            'note',
        ];
    }

    #[DataProvider('refusals')]
    public function test_what_can_never_be_meant_is_refused_with_its_line(string $requirement, string $says): void
    {
        try {
            self::book($requirement);
        } catch (UnreadableRuleBook $refused) {
            self::assertStringContainsString($says, $refused->getMessage());
            self::assertMatchesRegularExpression('/line \d+/', $refused->getMessage());

            return;
        }
        self::fail('It was read.');
    }

    /** @return iterable<string, array{string, float}> as people write lengths, mm */
    public static function figures(): iterable
    {
        yield 'feet and inches' => ['7 ft 6 in', 2286.0];
        yield 'with signs' => ["'7''-6\"'", 2286.0];
        yield 'in words' => ['7 feet', 2133.6];
        yield 'in words, the one' => ['1 foot 1 inch', 330.2];
        yield 'metres' => ['2.1 m', 2100.0];
        yield 'centimetres' => ['210 cm', 2100.0];
    }

    #[DataProvider('figures')]
    public function test_figures_are_read_as_people_write_them(string $figure, float $mm): void
    {
        $book = self::book("subject: room\n    measure: room.least_width\n    at_least: {$figure}");
        self::assertSame(
            ['met', 'violated'],
            [self::verdict($book, ['room.least_width' => "{$mm} mm"]), self::verdict($book, ['room.least_width' => ($mm - 0.1).' mm'])],
        );
    }

    public function test_areas_are_read_as_people_write_them(): void
    {
        foreach (['70 sqft', '70 sq ft', '70 square feet'] as $figure) {
            $book = self::book("subject: room\n    measure: room.floor_area\n    at_least: {$figure}");
            self::assertSame(
                ['met', 'violated'],
                [self::verdict($book, ['room.floor_area' => '70 sq ft']), self::verdict($book, ['room.floor_area' => '69.9 sq ft'])],
                $figure,
            );
        }
    }

    /** What must not pass does not pass when it is as large as the limit, within the tolerance of 0.05 mm. */
    public function test_strict_limits_at_four_and_six_hundredths(): void
    {
        $ball = self::book("subject: guard\n    measure: guard.largest_gap\n    less_than: 4 in");
        $deep = self::book("subject: guard\n    measure: guard.height\n    more_than: 900 mm");
        foreach ([
            ['101.54', 'met'], ['101.56', 'violated'], ['101.6', 'violated'], ['101.64', 'violated'], ['101.66', 'violated'],
        ] as [$gap, $verdict]) {
            self::assertSame($verdict, self::verdict($ball, ['guard.largest_gap' => "{$gap} mm"]), "a gap of {$gap} mm");
        }
        foreach ([['900', 'violated'], ['900.04', 'violated'], ['900.06', 'met']] as [$height, $verdict]) {
            self::assertSame($verdict, self::verdict($deep, ['guard.height' => "{$height} mm"]), "{$height} mm high");
        }
        $least = self::book("subject: room\n    measure: room.least_width\n    at_least: 2 m");
        self::assertSame(
            ['met', 'violated'],
            [self::verdict($least, ['room.least_width' => '1999.96 mm']), self::verdict($least, ['room.least_width' => '1999.94 mm'])],
        );
    }

    public function test_one_rule_of_a_book_may_be_advice(): void
    {
        $book = self::book("subject: room\n    advice: true\n    measure: room.least_width\n    at_least: 2 m");
        self::assertSame(
            ['met', 'advised', 'undetermined'],
            [
                self::verdict($book, ['room.least_width' => '2 m']),
                self::verdict($book, ['room.least_width' => '1.9 m']),
                self::verdict($book, []),
            ],
        );
    }

    /** @param array<string, string|bool|float|int> $facts */
    private static function verdict(RuleBook $book, array $facts): string
    {
        return (new RuleCheck($book))->check(
            $book->rules[0],
            ExampleFacts::of(new Example('x', $facts, [], [], 'met'), $book->vocabulary),
        )->verdict->value;
    }

    private static function book(string $requirement): RuleBook
    {
        return (new RuleBookReader(Catalogue::standard()))->read(self::HEAD.sprintf(self::RULE, $requirement), 'b.yaml');
    }
}
