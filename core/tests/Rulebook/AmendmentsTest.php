<?php

declare(strict_types=1);

namespace Heurema\Tests\Rulebook;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\RuleCheck;
use Heurema\Review\Verdict;
use Heurema\Rulebook\Example;
use Heurema\Rulebook\ExampleFacts;
use Heurema\Rulebook\Rule;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookLibrary;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Rulebook\UnreadableRuleBook;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Books laid over one another, in a folder of their own. */
final class AmendmentsTest extends TestCase
{
    private const BASE = <<<'YAML'
        book: base
        title: Base
        scope: all
        units: metric
        source: made up
        building_tolerance: 10 mm
        groups: { habitable: [bedroom] }
        rules:
          - { id: area, clause: '1', title: Area, subject: room, when: room.use in habitable,
              measure: room.floor_area, at_least: 7 m2, why: w, source: s }
          - { id: width, clause: '2', title: Width, subject: room, measure: room.least_width, at_least: 2 m, why: w, source: s }
        YAML;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/heurema-books-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->put('base', self::BASE);
    }

    protected function tearDown(): void
    {
        $files = glob("{$this->folder}/*");
        array_map(unlink(...), $files === false ? [] : $files);
        rmdir($this->folder);
    }

    public function test_limits_are_changed_rules_switched_off_and_added(): void
    {
        $book = $this->amended(
            "groups: { habitable: [bedroom, study] }\nchanges:\n  - "
            ."{ rule: area, at_least: 9 m2, because: The office asks for more., source: office }\noff:\n  - "
            ."{ rule: width, because: Furniture is shown instead. }\nrules:\n  - "
            ."{ id: doors, clause: '3', title: Doors, subject: room, measure: room.doors, at_least: 1, why: w, source: s }\n",
        );
        self::assertSame(['area', 'width', 'doors'], array_map(static fn(Rule $rule): string => $rule->id, $book->rules));
        self::assertSame(['office', 'office', 'office'], array_map(static fn(Rule $rule): string => $rule->layer, $book->rules));
        self::assertSame(['The office asks for more.', 'office'], [$book->rules[0]->note, $book->rules[0]->source]);
        $area = static fn(string $area, string $use): Verdict => (new RuleCheck($book))->check(
            $book->rules[0],
            ExampleFacts::of(new Example('x', ['room.use' => $use, 'room.floor_area' => $area], [], [], 'met'), $book->vocabulary),
        )->verdict;
        self::assertSame(
            [Verdict::Violated, Verdict::Met, Verdict::Violated],
            [$area('8.9 m2', 'bedroom'), $area('9 m2', 'bedroom'), $area('8 m2', 'study')],
        );
        $off = (new RuleCheck($book))->check(
            $book->rules[1],
            ExampleFacts::of(new Example('x', ['room.least_width' => '1 m'], [], [], 'met'), $book->vocabulary),
        );
        self::assertSame(
            [Verdict::NotApplicable, 'Switched off by office: Furniture is shown instead.'],
            [$off->verdict, Said::one($off->reason)],
        );
    }

    public function test_findings_say_which_layer_decided(): void
    {
        $book = $this->amended("changes:\n  - { rule: area, at_least: 9 m2, because: b, source: office }\n");
        $report = (new Examiner(Catalogue::standard()))->examine(Sketch::room(4000, 3000)->home(), [$book]);
        self::assertSame(
            [null, 'base'],
            array_map(static fn(Finding $finding): mixed => $finding->toArray()['layer'] ?? null, $report->findings),
        );
    }

    public function test_amendments_are_amended(): void
    {
        $this->put('office', $this->over('base', 'office', "changes:\n  - { rule: area, at_least: 9 m2, because: b }\n"));
        $this->put('client', $this->over('office', 'client', "changes:\n  - { rule: area, at_least: 12 m2, because: b }\n"));
        $book = $this->library()->book('client');
        self::assertSame(['client', 'base'], array_map(static fn(Rule $rule): string => $rule->layer, $book->rules));
    }

    public function test_a_limit_among_several_is_changed_by_its_measure(): void
    {
        $this->put(
            'base',
            self::BASE
                ."\n  - { id: both, clause: '4', title: Both, subject: room, all: [{ measure: room.floor_area, at_least: 7 m2 }, "
                .'{ measure: room.least_width, at_least: 2 m }], why: w, source: s }'
                ."\n  - { id: way, clause: '5', title: Way, subject: room, exists: [{ among: windows, "
                .'needs: [{ measure: window.clear_width, at_least: 500 mm }, '
                ."{ measure: window.clear_height, at_least: 600 mm }] }], why: w, source: s }\n",
        );
        $book = $this->amended(
            "changes:\n  - { rule: both, part: room.least_width, at_least: 3 m, because: b }\n  - "
            ."{ rule: way, part: window.clear_height, at_least: 700 mm, because: b }\n",
        );
        self::assertSame(['met', 'violated', 'violated'], [
            self::verdict($book, 2, ['room.floor_area' => '7 m2', 'room.least_width' => '3 m']),
            self::verdict($book, 2, ['room.floor_area' => '7 m2', 'room.least_width' => '2.9 m']),
            self::verdict($book, 2, ['room.floor_area' => '6.9 m2', 'room.least_width' => '3 m']),
        ]);
        $window = static fn(string $width, string $height): array => [
            'windows' => [['window.clear_width' => $width, 'window.clear_height' => $height]],
        ];
        self::assertSame(
            ['met', 'violated', 'violated'],
            [
                self::verdict($book, 3, [], $window('500 mm', '700 mm')),
                self::verdict($book, 3, [], $window('500 mm', '699 mm')),
                self::verdict($book, 3, [], $window('499 mm', '700 mm')),
            ],
        );
    }

    public function test_a_condition_is_changed_and_an_exception_added_and_the_rest_stays(): void
    {
        $book = $this->amended(
            "changes:\n  - { rule: area, when: 'room.use == ''study''', unless: [{ name: lit, when: room.lit }], because: b }\n",
        );
        self::assertSame(['violated', 'met', 'met', 'not_applicable', 'undetermined'], [
            self::verdict($book, 0, ['room.use' => 'study', 'room.floor_area' => '6.9 m2', 'room.lit' => false]),
            self::verdict($book, 0, ['room.use' => 'study', 'room.floor_area' => '7 m2', 'room.lit' => false]),
            self::verdict($book, 0, ['room.use' => 'study', 'room.floor_area' => '6.9 m2', 'room.lit' => true]),
            self::verdict($book, 0, ['room.use' => 'bedroom', 'room.floor_area' => '6.9 m2', 'room.lit' => false]),
            self::verdict($book, 0, ['room.use' => 'study', 'room.floor_area' => '6.9 m2']),
        ]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'a part that the rule does not have' => [
            "changes:\n  - { rule: area, part: room.least_width, at_least: 9 m, because: b }\n",
            'no parts',
        ];
        yield 'a rule that is not there' => [
            "changes:\n  - { rule: nothing, at_least: 9 m2, because: b }\n",
            'there is no rule "nothing" to change',
        ];
        yield 'a change without a limit' => ["changes:\n  - { rule: area, because: b }\n", 'expected one of at_least'];
        yield 'a limit that does not fit' => ["changes:\n  - { rule: area, at_least: 9 m, because: b }\n", 'does not fit room.floor_area'];
        yield 'an id that is taken' => [
            "rules:\n  - { id: area, clause: '3', title: T, subject: room, measure: room.doors, at_least: 1, why: w, source: s }\n",
            'another rule "area"',
        ];
        yield 'off without a reason' => ["off:\n  - { rule: area }\n", '"because" is missing'];
    }

    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused(string $body, string $reason): void
    {
        $this->expectException(UnreadableRuleBook::class);
        $this->expectExceptionMessage($reason);
        $this->amended($body);
    }

    public function test_rings_strangers_and_towers_are_refused(): void
    {
        $this->put('a', $this->over('b', 'a', ''));
        $this->put('b', $this->over('a', 'b', ''));
        $this->put('lost', $this->over('nowhere', 'lost', ''));
        $this->put('out', $this->over('../base', 'out', ''));
        foreach (range(1, 7) as $number) {
            $this->put("tower{$number}", $this->over($number === 1 ? 'base' : 'tower'.($number - 1), "tower{$number}", ''));
        }
        $reasons = [];
        foreach (['a', 'lost', 'out', 'tower7'] as $id) {
            try {
                $this->library()->book($id);
            } catch (UnreadableRuleBook $e) {
                $reasons[$id] = $e->getMessage();
            }
        }
        self::assertStringContainsString('amends it in turn', $reasons['a'] ?? '');
        self::assertStringContainsString('no rule book "nowhere" to amend', $reasons['lost'] ?? '');
        self::assertStringContainsString('no rule book "../base" to amend', $reasons['out'] ?? '');
        self::assertStringContainsString('more than 5 books', $reasons['tower7'] ?? '');
    }

    public function test_the_texts_of_a_book_and_of_those_under_it(): void
    {
        $this->put('office', $office = $this->over('base', 'office', ''));
        $this->put('borough', $borough = $this->over('office', 'borough', ''));
        $library = $this->library();
        self::assertSame(['borough', 'office', 'base'], array_keys($library->texts('borough')));
        self::assertSame([$borough, $office], array_slice(array_values($library->texts('borough')), 0, 2));
        self::assertSame(['base'], array_keys($library->texts('base')));
        self::assertSame($office, $library->text('office'));
        self::assertNull($library->text('nowhere'));
        self::assertNull($library->text('../base'));
        $stamp = $library->stamp();
        $this->put('office', "{$office}\n# another size\n");
        clearstatcache();
        self::assertNotSame($stamp, $library->stamp());
    }

    /**
     * @param array<string, bool|float|int|string>                      $facts
     * @param array<string, list<array<string, bool|float|int|string>>> $related
     */
    private static function verdict(RuleBook $book, int $rule, array $facts, array $related = []): string
    {
        return (new RuleCheck($book))->check(
            $book->rules[$rule],
            ExampleFacts::of(new Example('x', $facts, $related, [], 'met'), $book->vocabulary),
        )->verdict->value;
    }

    private function amended(string $body): RuleBook
    {
        $this->put('office', $this->over('base', 'office', $body));

        return $this->library()->book('office');
    }

    private function over(string $base, string $id, string $body): string
    {
        return "book: {$id}\ntitle: T\nscope: all\nunits: metric\nsource: made up\nbuilding_tolerance: 10 mm\namends: {$base}\n{$body}";
    }

    private function put(string $id, string $yaml): void
    {
        file_put_contents("{$this->folder}/{$id}.yaml", $yaml);
    }

    private function library(): RuleBookLibrary
    {
        return new RuleBookLibrary($this->folder, new RuleBookReader(Catalogue::standard()));
    }
}
