<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Outcome;
use Heurema\Review\RuleCheck;
use Heurema\Review\Verdict;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Tests\Said;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each form of a requirement comes to and says: ranges at both ends, words, slim margins, alternatives among what is there. */
final class RuleFormsTest extends TestCase
{
    private const HEAD = "book: b\ntitle: B\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\nrules:\n";

    /** @return iterable<string, array{string, string, float, bool}> width, verdict, margin, is it slim? */
    public static function widths(): iterable
    {
        yield 'too narrow' => ['1990 mm', 'violated', -10.0, false];
        yield 'within what counts as equal' => ['1999.96 mm', 'met', -0.04, true];
        yield 'just wide enough' => ['2 m', 'met', 0.0, true];
        yield 'just wider' => ['2009.9 mm', 'met', 9.9, true];
        yield 'no longer slim' => ['2010 mm', 'met', 10.0, false];
        yield 'nearer to the lower end' => ['2400 mm', 'met', 400.0, false];
        yield 'nearer to the upper end' => ['2700 mm', 'met', 300.0, false];
        yield 'just narrow enough' => ['3 m', 'met', 0.0, true];
        yield 'too wide' => ['3001 mm', 'violated', -1.0, false];
    }

    #[DataProvider('widths')]
    public function test_a_range_is_told_by_its_nearer_end(string $width, string $verdict, float $margin, bool $isSlim): void
    {
        $found = self::check('room', 'measure: room.least_width, between: { low: 2 m, high: 3 m }', ['room.least_width' => $width]);
        self::assertSame([$verdict, $isSlim], [$found->verdict->value, $found->slim]);
        self::assertEqualsWithDelta($margin, (float) $found->margin, 1e-6);
    }

    public function test_of_an_area_a_hundredth_more_is_not_slim(): void
    {
        $slim = static fn(string $area): bool => self::check(
            'room',
            'measure: room.floor_area, at_least: 100 m2',
            ['room.floor_area' => $area],
        )->slim;
        self::assertSame([true, true, false, false], array_map($slim, ['100 m2', '100.99 m2', '101 m2', '101.01 m2']));
        $count = self::check('dwelling', 'measure: dwelling.bedrooms, at_least: 2', ['dwelling.bedrooms' => '2']);
        self::assertSame([Verdict::Met, false], [$count->verdict, $count->slim], 'a count is never slim');
    }

    /** @return iterable<string, array{string, array<string, string|bool>, string}> limit, facts, words */
    public static function limits(): iterable
    {
        yield 'worked out' => ['2 m + 5 cm', [], 'Limit: 2000 mm and 50 mm: 2050 mm.'];
        yield 'said as it is' => [
            'room.lit ? 2 m : 3 m',
            ['room.lit' => true],
            'Limit: 2000 mm, as it has electric light.',
        ];
        yield 'worked out from what is measured' => [
            'room.ceiling_height / 2',
            ['room.ceiling_height' => '2.4 m'],
            'Limit: the ceiling height divided by 2, with the ceiling height 2400 mm: 1200 mm.',
        ];
        yield 'chosen by what is measured' => [
            'room.floor_area > 10 m2 ? 2 m : 3 m',
            ['room.floor_area' => '20 m2'],
            'Limit: 2000 mm, as the floor area is more than 10 m², with the floor area 20 m².',
        ];
    }

    /** @param array<string, string|bool> $facts */
    #[DataProvider('limits')]
    public function test_a_limit_that_is_worked_out_says_how(string $limit, array $facts, string $words): void
    {
        $outcome = self::check('room', "measure: room.least_width, at_least: '{$limit}'", ['room.least_width' => '1 m', ...$facts]);
        self::assertSame([$words], Said::all($outcome->working));
    }

    public function test_a_range_that_is_missed_at_one_end_and_not_known_at_the_other_is_missed(): void
    {
        $requirement = 'measure: room.least_width, between: { low: 2 m, high: room.ceiling_height }';
        foreach ([
            [Verdict::Violated, ['room.least_width' => '1.9 m']],
            [Verdict::Undetermined, ['room.least_width' => '2.1 m']],
            [Verdict::Met, ['room.least_width' => '2.1 m', 'room.ceiling_height' => '2.4 m']],
            [Verdict::Violated, ['room.least_width' => '2.5 m', 'room.ceiling_height' => '2.4 m']],
        ] as [$verdict, $facts]) {
            self::assertSame($verdict, self::check('room', $requirement, $facts)->verdict);
        }
    }

    public function test_a_word_is_what_is_wanted_or_is_not(): void
    {
        foreach ([
            ['Operation: casement.', ['window.operation' => 'casement']],
            ['Operation: fixed; casement or tilt turn is wanted.', ['window.operation' => 'fixed']],
            ['The operation is not known.', []],
        ] as [$said, $facts]) {
            $found = self::check('window', 'measure: window.operation, one_of: [casement, tilt_turn]', $facts);
            self::assertSame($said, Said::one($found->reason));
        }
    }

    /** @param array<string, string|bool> $facts */
    private static function check(string $subject, string $requirement, array $facts): Outcome
    {
        $rule = "  - { id: a, clause: '1', title: T, subject: {$subject}, {$requirement}, why: w, source: s }\n";
        $book = (new RuleBookReader(Catalogue::standard()))->read(self::HEAD.$rule, 'b.yaml');

        return (new RuleCheck($book))->check(
            $book->rules[0],
            ExampleFacts::of(new Example('x', $facts, [], [], 'met'), $book->vocabulary),
        );
    }
}
