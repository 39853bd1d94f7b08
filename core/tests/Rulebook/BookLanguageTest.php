<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Outcome;
use Heurema\Review\RuleCheck;
use Heurema\Review\Verdict;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\Topics;
use Heurema\Rulebook\UnreadableRuleBook;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a book can say besides single limits: names of its own, ways of which one is enough, related things, advice, settings. */
final class BookLanguageTest extends TestCase
{
    private const HEAD = "book: b\ntitle: B\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\n";
    private const RULE = "rules:\n  - { id: r, clause: '1', title: R, why: w, source: s, %s }\n";
    private const ANY = 'subject: fixture, any: [{ name: broad, needs: [{ measure: fixture.width, at_least: 900 mm }] }, { '
        .'name: deep, needs: [{ measure: fixture.depth, at_least: 600 mm }, { measure: fixture.width, at_least: 700 mm }] }]';

    public function test_a_measure_with_its_parameters_has_a_name_of_its_own(): void
    {
        $book = self::book(
            "quantities:\n  room.tall_floor: { measure: room.area_at_height, with: { height: 2 m } }\n",
            'subject: room, measure: room.tall_floor, at_least: 5 m2',
        );
        self::assertSame(Verdict::Violated, self::verdict($book, ['room.tall_floor' => '4.99 m2']));
        self::assertSame(['room.area_at_height'], Topics::of($book->rules[0], $book->vocabulary));
        $report = (new Examiner(Catalogue::standard()))->examine(Sketch::room(4000, 3000)->home(), [$book]);
        self::assertEqualsWithDelta(12.0, $report->findings[0]->outcome->measured?->number, 1e-6);
    }

    public function test_one_of_several_ways_is_enough_and_the_best_is_spoken_of(): void
    {
        $book = self::book('', self::ANY);
        $verdict = static fn(string $width, string $depth): Verdict => self::verdict(
            $book,
            ['fixture.width' => $width, 'fixture.depth' => $depth],
        );
        self::assertSame(
            [Verdict::Met, Verdict::Met, Verdict::Violated],
            [$verdict('900 mm', '1 mm'), $verdict('700 mm', '600 mm'), $verdict('699 mm', '600 mm')],
        );
        $missed = self::check($book, ['fixture.width' => '699 mm', 'fixture.depth' => '600 mm']);
        self::assertSame(700.0, $missed->limit?->number, 'the way that misses least');
        self::assertSame(
            Verdict::Met,
            self::verdict($book, ['fixture.width' => '900 mm']),
            'what is not known of another way does not matter',
        );
        self::assertSame(Verdict::Undetermined, self::verdict($book, ['fixture.width' => '800 mm']));
    }

    public function test_ways_may_stand_among_limits_kept_together(): void
    {
        $book = self::book(
            '',
            'subject: fixture, all: [{ measure: fixture.height, at_least: 1 m }, { any: [{ name: a, needs: [{ '
            .'measure: fixture.width, at_least: 900 mm }] }, { name: b, needs: [{ measure: fixture.depth, at_least: 600 mm }] }] }]',
        );
        $verdict = static fn(string $height, string $width, string $depth): Verdict => self::verdict(
            $book,
            ['fixture.height' => $height, 'fixture.width' => $width, 'fixture.depth' => $depth],
        );
        self::assertSame(
            [Verdict::Met, Verdict::Violated, Verdict::Violated],
            [$verdict('1 m', '1 mm', '600 mm'), $verdict('1 m', '1 mm', '599 mm'), $verdict('999 mm', '900 mm', '600 mm')],
        );
    }

    public function test_of_what_makes_no_sense_of_a_subject_a_condition_is_false(): void
    {
        $book = self::book('', 'subject: fixture, when: fixture.to_wall < 500 mm, measure: fixture.width, at_least: 1 m');
        self::assertSame(Verdict::Violated, self::verdict($book, ['fixture.to_wall' => '400 mm', 'fixture.width' => '900 mm']));
        self::assertSame(Verdict::NotApplicable, self::verdict($book, ['fixture.to_wall' => 'none', 'fixture.width' => '900 mm']));
        self::assertSame(Verdict::Undetermined, self::verdict($book, ['fixture.width' => '900 mm']));
    }

    public function test_things_and_rooms_can_be_asked_for(): void
    {
        $rooms = self::book(
            '',
            'subject: dwelling, exists: '
            ."[{ among: rooms, where: room.use == 'living', needs: [{ measure: room.floor_area, at_least: 20 m2 }] }]",
        );
        self::assertSame(
            Verdict::Met,
            self::verdict(
                $rooms,
                [],
                [
                    'rooms' => [
                        ['room.use' => 'bedroom', 'room.floor_area' => '9 m2'],
                        ['room.use' => 'living', 'room.floor_area' => '20 m2'],
                    ],
                ],
            ),
        );
        self::assertSame(
            Verdict::Violated,
            self::verdict($rooms, [], ['rooms' => [['room.use' => 'bedroom', 'room.floor_area' => '30 m2']]]),
        );
        $fixtures = self::book('', "subject: room, exists: [{ among: fixtures, where: fixture.kind == 'smoke_alarm', needs: [] }]");
        self::assertSame(
            Verdict::Met,
            self::verdict($fixtures, [], ['fixtures' => [['fixture.kind' => 'bed'], ['fixture.kind' => 'smoke_alarm']]]),
        );
        self::assertSame(Verdict::Violated, self::verdict($fixtures, [], ['fixtures' => [['fixture.kind' => 'bed']]]));
        self::assertSame(Verdict::Undetermined, self::verdict($fixtures, [], ['fixtures' => [[]]]));
    }

    public function test_what_is_only_advised_is_never_violated(): void
    {
        $book = self::book("advice: true\n", 'subject: room, measure: room.floor_area, at_least: 9 m2');
        self::assertTrue($book->isAdvice);
        self::assertSame(
            [Verdict::Advised, Verdict::Met],
            [self::verdict($book, ['room.floor_area' => '8.9 m2']), self::verdict($book, ['room.floor_area' => '9 m2'])],
        );
    }

    public function test_a_setting_knows_its_words(): void
    {
        $book = self::book(
            "settings:\n  climate: "
            ."{ title: The climate is taken as mild., default: mild, words: [mild, cold] }\n  tall: "
            ."{ title: It is taken to be 10 m high., default: 10 m }\n",
            "subject: room, when: settings.climate == 'cold', measure: room.floor_area, at_least: 9 m2",
        );
        self::assertSame(['mild', 'cold'], $book->vocabulary->settings['climate']->words);
        self::assertSame('10 m', $book->vocabulary->settings['tall']->written);
        self::assertSame(Verdict::NotApplicable, self::verdict($book, ['room.floor_area' => '8 m2']));
        self::assertSame(Verdict::Violated, self::verdict($book, ['room.floor_area' => '8 m2'], [], ['climate' => 'cold']));
    }

    /** @return iterable<string, array{string, string, string}> head, rule, reason */
    public static function refused(): iterable
    {
        yield 'a default that is no word of the setting' => [
            "settings:\n  climate: { title: t, default: hot, words: [mild] }\n",
            'subject: room, measure: room.doors, none: true',
            'not among the setting’s words',
        ];
        yield 'a name of another subject' => [
            "quantities:\n  door.floor: { measure: room.floor_area }\n",
            'subject: room, measure: room.doors, none: true',
            'door.floor',
        ];
        yield 'a name for nothing' => [
            "quantities:\n  room.x: { measure: room.nothing }\n",
            'subject: room, measure: room.doors, none: true',
            'room.nothing',
        ];
        yield 'a way without needs' => ['', 'subject: room, any: [{ name: a, needs: [] }]', 'needs'];
        yield 'a call in a condition' => ['', 'subject: room, when: "system(\'ls\')", measure: room.doors, none: true', 'system'];
    }

    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused(string $head, string $rule, string $reason): void
    {
        $this->expectException(UnreadableRuleBook::class);
        $this->expectExceptionMessage($reason);
        self::book($head, $rule);
    }

    public function test_a_book_of_ten_thousand_rules_is_refused(): void
    {
        $rules = implode(
            '',
            array_map(
                static fn(int $number): string
                    => "  - { id: r{$number}, clause: '1', title: R, subject: room, measure: room.doors, none: true, why: w, source: s }\n",
                range(1, 10000),
            ),
        );
        $this->expectException(UnreadableRuleBook::class);
        (new RuleBookReader(Catalogue::standard()))->read(self::HEAD."rules:\n".$rules, 'b.yaml');
    }

    private static function book(string $head, string $rule): RuleBook
    {
        return (new RuleBookReader(Catalogue::standard()))->read(self::HEAD.$head.sprintf(self::RULE, $rule), 'b.yaml');
    }

    /**
     * @param array<string, string>                     $facts
     * @param array<string, list<array<string, string>>> $related
     * @param array<string, string>                     $settings
     */
    private static function check(RuleBook $book, array $facts, array $related = [], array $settings = []): Outcome
    {
        return (new RuleCheck($book))->check(
            $book->rules[0],
            ExampleFacts::of(new Example('x', $facts, $related, $settings, 'met'), $book->vocabulary),
        );
    }

    /**
     * @param array<string, string>                     $facts
     * @param array<string, list<array<string, string>>> $related
     * @param array<string, string>                     $settings
     */
    private static function verdict(RuleBook $book, array $facts, array $related = [], array $settings = []): Verdict
    {
        return self::check($book, $facts, $related, $settings)->verdict;
    }
}
