<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RuleBookReaderTest extends TestCase
{
    private const HEAD = "book: b\ntitle: B\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\nrules:\n";

    public function test_reads_a_rule(): void
    {
        $book = self::read(
            "  - { id: a, clause: '1', title: T, subject: room, measure: room.floor_area, at_least: 7.5 m2, why: w, source: s }\n",
        );
        self::assertSame('a', $book->rules[0]->id);
    }

    /** How sure its figure is: `certainty: doubtful`, with a note of what differs. */
    public function test_a_rule_may_be_doubtful(): void
    {
        $rule = "  - { id: a, clause: '1', title: T, subject: room, measure: room.floor_area, at_least: 7.5 m2, why: w, source: s%s }\n";
        self::assertFalse(self::read(sprintf($rule, ''))->rules[0]->isDoubtful);
        self::assertTrue(self::read(sprintf($rule, ', certainty: doubtful, note: n'))->rules[0]->isDoubtful);
        foreach ([', certainty: doubtful', ', certainty: sure, note: n'] as $wrong) {
            try {
                self::read(sprintf($rule, $wrong));
                self::fail('A rule was read of which it is not said what is doubtful.');
            } catch (UnreadableRuleBook $e) {
                self::assertStringContainsString('certainty', $e->getMessage());
            }
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        $rule = static fn(string $body): string
            => "  - id: a\n    clause: '1'\n    title: T\n    subject: room\n    why: w\n    source: s\n    {$body}\n";
        yield 'a measure that does not exist' => [
            $rule("measure: room.colour\n    at_least: 3 m"),
            'line 8: rule a: there is no measure "room.colour"',
        ];
        yield 'a measure of another subject' => [$rule("measure: stair.riser\n    at_least: 3 m"), 'not measured on a room'];
        yield 'a unit that does not fit' => [$rule("measure: room.floor_area\n    at_least: 3 m"), 'does not fit room.floor_area'];
        yield 'a computed limit that does not fit' => [
            $rule("measure: room.floor_area\n    at_least: 2 * room.least_width"),
            'room.floor_area',
        ];
        yield 'no limit' => [$rule('measure: room.floor_area'), 'expected one of at_least, at_most'];
        yield 'both limits' => [
            $rule("measure: room.floor_area\n    at_least: 3 m2\n    at_most: 4 m2"),
            'expected one of at_least, at_most',
        ];
        yield 'a broken expression' => [$rule("when: room.use ==\n    measure: room.floor_area\n    at_least: 3 m2"), 'when: cannot read'];
        yield 'a call' => [$rule("when: system('ls') == 'x'\n    measure: room.floor_area\n    at_least: 3 m2"), 'when: cannot read'];
        yield 'a method call' => [$rule("when: room.use() == 'x'\n    measure: room.floor_area\n    at_least: 3 m2"), 'expected a measure'];
        yield 'words against numbers' => [$rule("when: room.use > 3\n    measure: room.floor_area\n    at_least: 3 m2"), 'when: expected'];
        yield 'a condition that is none' => [
            $rule("when: room.floor_area\n    measure: room.floor_area\n    at_least: 3 m2"),
            'is a condition',
        ];
        yield 'an unknown key' => [$rule("measure: room.floor_area\n    at_leest: 3 m2"), 'unknown key "at_leest"'];
        yield 'a parameter that the measure does not take' => [
            $rule("measure: room.floor_area\n    with: { height: 3 m }\n    at_least: 3 m2"),
            'takes no "height"',
        ];
        yield 'a parameter of another kind' => [
            $rule("measure: room.floor_area\n    with: { count_from_height: 3 m2 }\n    at_least: 3 m2"),
            'is a length',
        ];
        yield 'a group that does not exist' => [
            $rule("when: room.use in habitable\n    measure: room.floor_area\n    at_least: 3 m2"),
            'habitable',
        ];
        yield 'a setting that does not exist' => [
            $rule("when: settings.climate == 'cold'\n    measure: room.floor_area\n    at_least: 3 m2"),
            'no setting "climate"',
        ];
        yield 'a verdict that does not exist' => [
            $rule("measure: room.floor_area\n    at_least: 3 m2\n    examples: [{ says: x, verdict: fine }]"),
            'no verdict',
        ];
        yield 'a duplicate id' => [str_repeat($rule("measure: room.floor_area\n    at_least: 3 m2"), 2), 'another rule "a"'];
        yield 'broken YAML' => ["  - {\n", 'line'];
        yield 'too many rules' => [
            implode('', array_map(static fn(int $i): string => "  - { id: r{$i} }\n", range(1, 2001))),
            'at most 2000 rules',
        ];
        yield 'an endless expression' => [
            $rule('when: '.str_repeat('room.lit or ', 50)."room.lit\n    measure: room.floor_area\n    at_least: 3 m2"),
            '500 characters',
        ];
    }

    #[DataProvider('refused')]
    public function test_refuses_with_the_reason(string $rules, string $reason): void
    {
        $this->expectException(UnreadableRuleBook::class);
        $this->expectExceptionMessage($reason);
        self::read($rules);
    }

    public function test_the_library_knows_only_its_own_books(): void
    {
        $library = new RuleBookLibrary(__DIR__.'/../../rulebooks', new RuleBookReader(Catalogue::standard()));
        self::assertContains('us-irc-2021', $library->ids());
        $this->expectException(UnreadableRuleBook::class);
        $library->book('../rulebooks/us-irc-2021');
    }

    private static function read(string $rules): RuleBook
    {
        return (new RuleBookReader(Catalogue::standard()))->read(self::HEAD.$rules, 'b.yaml');
    }
}
