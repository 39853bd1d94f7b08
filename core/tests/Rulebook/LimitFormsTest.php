<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Outcome;
use Heurema\Review\RuleCheck;
use Heurema\Review\Verdict;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use Heurema\Tests\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Every form in which a rule can state what it wants, just under, at and just over its limits. */
final class LimitFormsTest extends TestCase
{
    private const HEAD = "book: b\ntitle: B\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\nrules:\n";

    /** By the width of the hall: as wide a door as the hall is narrow. */
    private const TABLE = '{ by: room.narrowest, match: %s, rows: [[900 mm, 12 m2], [1050 mm, 9 m2], [1200 mm, 7 m2]] }';

    /** @return iterable<string, array{string, string, array<string, string|bool>, string}> subject, requirement, facts, verdict */
    public static function forms(): iterable
    {
        $between = 'measure: room.least_width, between: { low: 2 m, high: 3 m }';
        foreach ([
            '1999.9 mm' => 'violated', '2 m' => 'met', '2.5 m' => 'met', '3 m' => 'met', '3000.1 mm' => 'violated',
        ] as $width => $verdict) {
            yield "between: {$width}" => ['room', $between, ['room.least_width' => $width], $verdict];
        }
        yield 'between: not known' => ['room', $between, [], 'undetermined'];

        yield 'none: none' => ['room', 'measure: room.doors, none: true', ['room.doors' => '0'], 'met'];
        yield 'none: one' => ['room', 'measure: room.doors, none: true', ['room.doors' => '1'], 'violated'];

        yield 'is: the word' => ['window', 'measure: window.operation, is: casement', ['window.operation' => 'casement'], 'met'];
        yield 'is: another' => ['window', 'measure: window.operation, is: casement', ['window.operation' => 'fixed'], 'violated'];
        yield 'is: not known' => ['window', 'measure: window.operation, is: casement', [], 'undetermined'];
        yield 'is: yes' => ['window', 'measure: window.safety_glass, is: true', ['window.safety_glass' => true], 'met'];
        yield 'is: no' => ['window', 'measure: window.safety_glass, is: true', ['window.safety_glass' => false], 'violated'];
        yield 'one of: the second' => [
            'window',
            'measure: window.operation, one_of: [casement, awning]',
            ['window.operation' => 'awning'],
            'met',
        ];
        yield 'one of: neither' => [
            'window',
            'measure: window.operation, one_of: [casement, awning]',
            ['window.operation' => 'fixed'],
            'violated',
        ];

        $table = static fn(string $match): string => 'measure: room.floor_area, at_least: '.sprintf(self::TABLE, $match);
        $facts = static fn(string $narrowest, string $area): array => ['room.narrowest' => $narrowest, 'room.floor_area' => $area];
        yield 'table from: in the first row' => ['room', $table('from'), $facts('900 mm', '11.9 m2'), 'violated'];
        yield 'table from: just under the second' => ['room', $table('from'), $facts('1049.9 mm', '11.9 m2'), 'violated'];
        yield 'table from: at the second' => ['room', $table('from'), $facts('1050 mm', '9 m2'), 'met'];
        yield 'table from: above the last' => ['room', $table('from'), $facts('2 m', '7 m2'), 'met'];
        yield 'table from: below the first' => ['room', $table('from'), $facts('899 mm', '99 m2'), 'undetermined'];
        yield 'table up to: at the first' => ['room', $table('up_to'), $facts('900 mm', '11.9 m2'), 'violated'];
        yield 'table up to: just over it' => ['room', $table('up_to'), $facts('900.1 mm', '9 m2'), 'met'];
        yield 'table up to: above the last' => ['room', $table('up_to'), $facts('2 m', '99 m2'), 'undetermined'];
        yield 'table exactly' => ['room', $table('exactly'), $facts('1200 mm', '7 m2'), 'met'];
        yield 'table exactly: between the rows' => ['room', $table('exactly'), $facts('1100 mm', '99 m2'), 'undetermined'];
        yield 'table: not known what it goes by' => ['room', $table('from'), ['room.floor_area' => '9 m2'], 'undetermined'];
    }

    /** @param array<string, string|bool> $facts */
    #[DataProvider('forms')]
    public function test_gives_the_verdict(string $subject, string $requirement, array $facts, string $verdict): void
    {
        self::assertSame($verdict, self::check($subject, $requirement, $facts)->verdict->value);
    }

    #[TestWith([500, true])]
    #[TestWith([501, false])]
    public function test_how_many_rows_a_table_may_have(int $count, bool $isRead): void
    {
        $rows = implode(', ', array_map(static fn(int $row): string => "[{$row} mm, 9 m2]", range(1, $count)));
        if (!$isRead) {
            $this->expectExceptionMessage('a table has 1 to 500 rows');
        }
        self::assertSame('met', self::check(
            'room',
            "measure: room.floor_area, at_least: { by: room.narrowest, match: from, rows: [{$rows}] }",
            ['room.narrowest' => '500 mm', 'room.floor_area' => '9 m2'],
        )->verdict->value);
    }

    public function test_between_speaks_of_the_limit_that_is_missed_or_nearer(): void
    {
        $limit = static fn(string $width): ?float => self::check(
            'room',
            'measure: room.least_width, between: { low: 2 m, high: 3 m }',
            ['room.least_width' => $width],
        )->limit?->number;
        self::assertSame([2000.0, 2000.0, 3000.0, 3000.0], array_map($limit, ['1.9 m', '2.2 m', '2.8 m', '3.1 m']));
    }

    public function test_words_say_what_is_and_what_is_wanted(): void
    {
        $outcome = self::check('window', 'measure: window.operation, one_of: [casement, tilt_turn]', ['window.operation' => 'double_hung']);
        self::assertSame('Operation: double hung; casement or tilt turn is wanted.', Said::one($outcome->reason));
    }

    public function test_all_limits_are_kept_together_and_the_worst_is_spoken_of(): void
    {
        $rule = 'all: [{ measure: room.floor_area, at_least: 10 m2 }, { measure: room.least_width, at_least: 2 m }]';
        $outcome = static fn(string $area, string $width): Outcome => self::check(
            'room',
            $rule,
            ['room.floor_area' => $area, 'room.least_width' => $width],
        );
        self::assertSame(
            [Verdict::Met, Verdict::Violated, Verdict::Violated],
            [$outcome('10 m2', '2 m')->verdict, $outcome('9.9 m2', '2 m')->verdict, $outcome('10 m2', '1999.9 mm')->verdict],
        );
        // half of the width is missing, a tenth of the area
        $both = $outcome('9 m2', '1 m');
        self::assertSame([1000.0, 2000.0], [$both->measured?->number, $both->limit?->number]);
        self::assertStringContainsString('floor area 9 m²', Said::one($both->reason));
        self::assertSame(Verdict::Undetermined, self::check('room', $rule, ['room.floor_area' => '10 m2'])->verdict);
        self::assertSame(
            Verdict::Violated,
            self::check('room', $rule, ['room.floor_area' => '9 m2'])->verdict,
            'what is known to be missed is missed',
        );
    }

    public function test_every_related_thing_is_asked_and_the_worst_is_spoken_of(): void
    {
        $rule = 'every: [{ among: doors, where: door.operation == \'hinged\', needs: [{ measure: door.clear_width, at_least: 800 mm }] }]';
        $doors = static fn(string ...$widths): array => [
            'doors' => array_map(
                static fn(string $width): array => ['door.operation' => 'hinged', 'door.clear_width' => $width],
                array_values($widths),
            ),
        ];
        self::assertSame(Verdict::Met, self::check('room', $rule, [], $doors('800 mm', '900 mm'))->verdict);
        $violated = self::check('room', $rule, [], $doors('900 mm', '799.9 mm', '700 mm'));
        self::assertSame([Verdict::Violated, 700.0], [$violated->verdict, $violated->measured?->number]);
        self::assertStringStartsWith('Falls shortest: ', Said::one($violated->reason));
        self::assertSame(Verdict::NotApplicable, self::check('room', $rule, [], ['doors' => [['door.operation' => 'sliding']]])->verdict);
        self::assertSame(
            Verdict::Undetermined,
            self::check(
                'room',
                $rule,
                [],
                ['doors' => [['door.operation' => 'hinged'], ['door.operation' => 'hinged', 'door.clear_width' => '900 mm']]],
            )->verdict,
        );
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'a half range' => ['room', 'measure: room.least_width, between: { low: 2 m }', '"high" is missing'];
        yield 'a range of another unit' => ['room', 'measure: room.least_width, between: { low: 2 m2, high: 3 m }', 'does not fit'];
        yield 'none of what is not counted' => ['room', 'measure: room.least_width, none: true', 'for what is counted'];
        yield 'none that is not' => ['room', 'measure: room.doors, none: false', 'for what is counted'];
        yield 'a word for a number' => ['room', 'measure: room.least_width, is: wide', 'does not fit'];
        yield 'yes for a word' => ['window', 'measure: window.operation, is: true', 'does not fit'];
        yield 'no words' => ['window', 'measure: window.operation, one_of: []', 'does not fit'];
        yield 'two limits' => ['window', 'measure: window.operation, is: fixed, one_of: [fixed]', 'expected one of'];
        yield 'a table without rows' => [
            'room',
            'measure: room.floor_area, at_least: { by: room.narrowest, match: from, rows: [] }',
            'rows',
        ];
        yield 'a table that does not ascend' => [
            'room',
            'measure: room.floor_area, at_least: { by: room.narrowest, match: from, rows: [[2 m, 9 m2], [1 m, 8 m2]] }',
            'ascend',
        ];
        yield 'a table of another unit' => [
            'room',
            'measure: room.floor_area, at_least: { by: room.narrowest, match: from, rows: [[2 m, 9 m]] }',
            'does not fit',
        ];
        yield 'a table by another unit' => [
            'room',
            'measure: room.floor_area, at_least: { by: room.narrowest, match: from, rows: [[2 m2, 9 m2]] }',
            'what it goes by',
        ];
        yield 'a table that matches otherwise' => [
            'room',
            'measure: room.floor_area, at_least: { by: room.narrowest, match: nearly, rows: [[2 m, 9 m2]] }',
            'from, up_to or exactly',
        ];
        yield 'a table of single values' => [
            'room',
            'measure: room.floor_area, at_least: { by: room.narrowest, match: from, rows: [2 m] }',
            'a list of pairs',
        ];
        yield 'a preferred word' => [
            'window',
            'measure: window.operation, is: fixed, prefer: [{ is: casement, source: s }]',
            'unknown key "is"',
        ];
    }

    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused(string $subject, string $requirement, string $reason): void
    {
        $this->expectException(UnreadableRuleBook::class);
        $this->expectExceptionMessage($reason);
        self::check($subject, $requirement, []);
    }

    /**
     * @param array<string, string|bool>                                       $facts
     * @param array<string, list<array<string, string|bool|float|int>>> $related
     */
    private static function check(string $subject, string $requirement, array $facts, array $related = []): Outcome
    {
        $rule = "  - { id: a, clause: '1', title: T, subject: {$subject}, {$requirement}, why: w, source: s }\n";
        $book = (new RuleBookReader(Catalogue::standard()))->read(self::HEAD.$rule, 'b.yaml');

        return (new RuleCheck($book))->check(
            $book->rules[0],
            ExampleFacts::of(new Example('x', $facts, $related, [], 'met'), $book->vocabulary),
        );
    }
}
