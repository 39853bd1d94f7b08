<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\LayoutReader;
use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Measure\Witness;
use Heurema\Review\Examiner;
use Heurema\Review\KeptReport;
use Heurema\Review\Outcome;
use Heurema\Review\OutcomeRecord;
use Heurema\Review\Report;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBook;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Spatial\Home;
use Heurema\Tests\Said;
use Heurema\Units\Amount;
use Heurema\Words\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A report that was kept is the report again.
 *
 * @phpstan-import-type KeptOutcome from OutcomeRecord
 */
final class KeptReportTest extends TestCase
{
    /** @var non-empty-list<RuleBook>|null */
    private static ?array $books = null;

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach ((array) glob(__DIR__.'/../../../database/demo/*.json') as $file) {
            yield basename((string) $file) => [(string) $file];
        }
    }

    #[DataProvider('homes')]
    public function test_it_reads_as_it_was_under_all_books(string $file): void
    {
        $home = new Home((new LayoutReader())->read((string) file_get_contents($file)));
        $report = (new Examiner(Catalogue::standard()))->examine($home, self::books());
        $again = KeptReport::read(KeptReport::write($report), new Home($home->layout), self::books());
        self::assertEquals($report->toArray(), $again->toArray());
        self::assertEquals(self::besides($report), self::besides($again));
    }

    /** Parties are what is drawn, and decide nothing that is not said in numbers or names. */
    #[DataProvider('homes')]
    public function test_parties_are_elements_of_the_home(string $file): void
    {
        $text = (string) file_get_contents($file);
        $home = new Home((new LayoutReader())->read($text));
        $known = ['wall' => true, 'dwelling' => true];
        preg_match_all('/"id": ?"([^"]+)"/', $text, $ids);
        $known += array_fill_keys($ids[1], true);
        foreach ((new Examiner(Catalogue::standard()))->examine($home, self::books())->findings as $finding) {
            $strange = array_filter($finding->outcome->parties ?? ['none told'], static fn(string $id): bool => !isset($known[$id]));
            self::assertSame([], $strange, $finding->fingerprint());
            self::assertTrue($finding->foundFacts()->agreesWith($finding->foundFacts()));
        }
    }

    public function test_what_was_decided_before_parties_were_kept_is_read_for_ever(): void
    {
        $home = new Home((new LayoutReader())->read((string) file_get_contents(__DIR__.'/../../../database/demo/orchard-terrace.json')));
        $report = (new Examiner(Catalogue::standard()))->examine($home, self::books());
        $written = (string) preg_replace(
            '/,"parties":\[[^\]]*\]/',
            '',
            str_replace('{"version":3', '{"version":1', KeptReport::write($report)),
            -1,
            $count,
        );
        self::assertGreaterThan(0, $count);
        $again = KeptReport::read($written, $home, self::books());
        self::assertEquals($report->toArray(), $again->toArray());
        foreach ($report->findings as $number => $finding) {
            self::assertNull($again->findings[$number]->outcome->parties);
            self::assertTrue($finding->foundFacts()->agreesWith($again->findings[$number]->foundFacts()), 'a decision of then stands');
        }
    }

    public function test_what_the_books_do_not_ask_any_more_is_left_out(): void
    {
        $home = new Home((new LayoutReader())->read((string) file_get_contents(__DIR__.'/../../../database/demo/ferry-cottage.json')));
        [$first, $second] = self::books();
        $kept = KeptReport::write((new Examiner(Catalogue::standard()))->examine($home, [$first]));
        self::assertSame([], KeptReport::read($kept, $home, [$second])->findings);
    }

    public function test_what_was_kept_in_another_way_is_told(): void
    {
        $this->expectException(\UnexpectedValueException::class);
        KeptReport::read(
            '{"us-irc-2021/room-area/r":{"verdict":"met"}}',
            new Home((new LayoutReader())->read('{"format":"heurema-layout","version":1,"name":"x","units":"metric","storeys":[]}')),
            [],
        );
    }

    /** @return iterable<string, array{Outcome}> */
    public static function outcomes(): iterable
    {
        $square = [new Point(0.1 + 0.2, 0), new Point(10, 0), new Point(10, 10)];
        yield 'nothing but a verdict' => [new Outcome(Verdict::Met)];
        yield 'all there is' => [new Outcome(
            Verdict::Violated,
            true,
            Amount::length(1 / 3),
            Amount::area(0.1 + 0.2),
            -1e-9,
            true,
            Message::of('why', how: '“so”', wide: Amount::length(INF), steps: [Message::of('step', rise: Amount::length(0.1)), 'a', 3]),
            ['a.b'],
            [Message::of('assumed', share: 0.25, times: 2)],
            [Message::of('step', rise: Amount::length(1 / 3))],
            [
                Witness::dimension('G', new Segment(new Point(0, 0), new Point(1 / 3, 2)), Amount::length(1 / 3)),
                Witness::outline('G', new Ring($square)),
                Witness::outline('U', new Polygon(new Ring($square), [new Ring($square)]), Message::of('hole', wide: Amount::length(2))),
                Witness::mark('G', new Point(1, 2), 'a & b'),
                Witness::mark('G', new Point(-0.5, 1e-7)),
            ],
            'room.floor_area',
            ['f1', 'o2'],
        )];
        yield 'more than any limit' => [new Outcome(Verdict::Met, measured: Amount::length(INF), limit: Amount::count(0), margin: -INF)];
    }

    #[DataProvider('outcomes')]
    public function test_an_outcome_is_just_what_it_was(Outcome $outcome): void
    {
        /** @var KeptOutcome $kept */
        $kept = json_decode(
            json_encode(OutcomeRecord::write($outcome), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            true,
            32,
            JSON_THROW_ON_ERROR,
        );
        self::assertEquals($outcome, OutcomeRecord::read($kept));
    }

    public function test_what_was_kept_in_words_is_read_as_it_was_said(): void
    {
        $outcome = OutcomeRecord::read([
            'verdict' => 'violated',
            'reason' => 'Why “so”',
            'working' => ['Step.'],
            'assumptions' => ['Assumed.'],
            'witness' => [['type' => 'mark', 'storey' => 'G', 'lines' => [[[0.0, 1.0]]], 'text' => 'here']],
        ]);
        self::assertSame(
            ['Why “so”', ['Step.'], ['Assumed.'], 'here'],
            [Said::one($outcome->reason), Said::all($outcome->working), Said::all($outcome->assumptions), $outcome->witness[0]->text],
        );
    }

    /** @return list<array{float, float, string|null}> what the written findings do not tell */
    private static function besides(Report $report): array
    {
        return array_map(
            static fn($finding): array => [$finding->outcome->shortfall(), $finding->outcome->relativeMargin(), $finding->outcome->topic],
            $report->findings,
        );
    }

    /** @return non-empty-list<RuleBook> */
    private static function books(): array
    {
        $reader = new RuleBookReader(Catalogue::standard());
        $files = glob(__DIR__.'/../../rulebooks/*.yaml');

        return self::$books ??= array_map($reader->readFile(...), $files === false || $files === [] ? [__DIR__] : $files);
    }
}
