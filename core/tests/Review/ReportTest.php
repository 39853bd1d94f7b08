<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Finding;
use Heurema\Review\Report;
use Heurema\Review\ScheduleCell;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\TestCase;

/** What stands in a report beside a finding, the worst of it, and how findings and cells say what was found. */
final class ReportTest extends TestCase
{
    private const BOOK = <<<'YAML'
        book: b
        title: B
        scope: all
        units: metric
        source: made up
        building_tolerance: 10 mm
        rules:
          - { id: wide, clause: '1', title: W, subject: room, measure: room.least_width, at_least: 2 m, why: w, source: s }
          - { id: wider, clause: '2', title: W, subject: room, measure: room.least_width, at_least: 4 m, why: w, source: s }
          - { id: area, clause: '3', title: A, subject: room, measure: room.floor_area, at_least: 20 m2, why: w, source: s }
          - { id: bath, clause: '4', title: B, subject: room, when: room.use == 'bathroom',
              measure: room.least_width, at_least: 1 m,
              why: w, source: s }
          - { id: alarms, clause: '5', title: S, subject: dwelling,
              measure: dwelling.rooms_lacking, with: { use: bedroom, kind: smoke_alarm }, none: true,
              why: w, source: s }
        YAML;

    public function test_beside_a_finding_stands_what_is_said_of_the_same_measure_of_the_same_subject(): void
    {
        $report = self::report();
        $beside = static fn(string $rule): array => array_map(
            static fn(Finding $finding): string => "{$finding->rule->id} {$finding->subject->id()}",
            $report->beside($report->finding("b/{$rule}/r") ?? self::fail($rule)),
        );
        self::assertSame(['wide r', 'wider r'], $beside('wide'));
        self::assertSame(['wide r', 'wider r'], $beside('wider'));
        self::assertSame(['area r'], $beside('area'));
        self::assertSame(['wide r', 'wider r', 'bath r'], $beside('bath'), 'what does not apply is shown where it was asked for');
        self::assertNull($report->finding('b/wide/nobody'));
    }

    public function test_the_worst_misses_its_limit_by_the_largest_share(): void
    {
        // in the books' order; of a limit of nothing any excess is large, 12 m2 of 20 m2 lack two fifths, 3 m of 4 m a quarter
        $report = self::report();
        $worst = array_map(static fn(Finding $finding): string => $finding->rule->id, $report->worstFirst());
        self::assertSame(['wider', 'area', 'alarms', 'wide', 'bath'], $worst);
        self::assertSame('alarms', $report->worst()?->rule->id);
        $measured = array_values(array_filter($report->findings, static fn(Finding $one): bool => $one->rule->id !== 'alarms'));
        self::assertSame('area', (new Report($report->home, $report->books, $measured))->worst()?->rule->id);
        $met = array_values(array_filter($report->findings, static fn(Finding $one): bool => $one->rule->id === 'wide'));
        self::assertNull((new Report($report->home, $report->books, $met))->worst(), 'nothing is open');
        self::assertSame([3, 1, 1], [
            $report->counts()[Verdict::Violated->value],
            $report->counts()[Verdict::Met->value],
            $report->counts()[Verdict::NotApplicable->value],
        ]);
    }

    public function test_what_there_should_be_none_of_is_said_in_words(): void
    {
        $finding = self::report()->finding('b/alarms/dwelling') ?? self::fail('not found');
        self::assertSame('1 bedroom without a smoke alarm', $finding->measuredText());
        self::assertSame('none', $finding->limitText());
    }

    public function test_a_cell_tells_its_value_to_a_millionth(): void
    {
        $cell = static fn(Amount|bool|string|null $value): array => (new ScheduleCell($value, 'x', null))->toArray();
        self::assertSame([1234.567891, 'mm'], array_values(array_slice($cell(Amount::length(1234.56789149)), 0, 2)));
        self::assertSame(['kitchen', null], array_values(array_slice($cell('kitchen'), 0, 2)));
        self::assertSame([null, 'x', null], [$cell(null)['value'], $cell(null)['text'], $cell(null)['limit']]);
        self::assertSame('0.0', json_encode($cell(Amount::length(-1e-9))['value'], JSON_PRESERVE_ZERO_FRACTION), 'no minus before nothing');
    }

    private static function report(): Report
    {
        $measures = Catalogue::standard();
        $book = (new RuleBookReader($measures))->read(self::BOOK, 'b.yaml');

        return (new Examiner($measures))->examine(Sketch::room(4000, 3000)->home(), [$book]);
    }
}
