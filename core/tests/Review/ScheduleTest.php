<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Measure\Catalogue\Catalogue;
use Heurema\Review\Examiner;
use Heurema\Review\Report;
use Heurema\Review\ReportDifference;
use Heurema\Review\Schedule;
use Heurema\Review\ScheduleKind;
use Heurema\Review\ScheduleRow;
use Heurema\Review\Verdict;
use Heurema\Rulebook\RuleBookReader;
use Heurema\Tests\Measure\HeadroomTest;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lists of what a home has, and what two reviews found one against the other. */
final class ScheduleTest extends TestCase
{
    public function test_rooms_with_what_was_measured_asked_and_found(): void
    {
        $row = Schedule::of(ScheduleKind::Rooms, self::report(self::rooms()))->rows[0];
        self::assertSame(
            ['bedroom', '12 m²', '3000 mm', '2400 mm'],
            array_map(static fn(string $column): string => $row->cells[$column]->text, ['Use', 'Area', 'Least width', 'Ceiling']),
        );
        self::assertSame(Verdict::Met, $row->cells['Area']->finding?->verdict());
        self::assertStringContainsString('70 sq ft', (string) $row->cells['Area']->limit());
        self::assertNull($row->cells['Use']->limit());
        // a share of the floor is asked for as an area of glass
        self::assertSame(Verdict::Violated, $row->cells['Glass']->finding?->verdict());
        self::assertSame('Ground', $row->storey);
    }

    public function test_a_limit_stands_beside_what_is_held_against_it_alone(): void
    {
        // one rule asks for the area, which is kept, and for the width, which is not
        $book = (new RuleBookReader(Catalogue::standard()))->readFile(__DIR__.'/../../rulebooks/in-nbc-2016.yaml');
        $report = (new Examiner(Catalogue::standard()))->examine(Sketch::room(8000, 2000)->home(), [$book]);
        $row = Schedule::of(ScheduleKind::Rooms, $report)->rows[0];
        self::assertStringStartsWith('2400 mm', (string) $row->cells['Least width']->limit());
        self::assertNull($row->cells['Area']->limit());
        self::assertStringStartsWith('2750 mm', (string) $row->cells['Ceiling']->limit());
    }

    public function test_what_nobody_drew_is_a_question_mark_and_what_is_not_there_is_empty(): void
    {
        $home = Sketch::room(4000, 3000)->with(['ceiling' => null])->door('w1', 2000, 900, ['operation' => 'hinged']);
        self::assertSame('?', Schedule::of(ScheduleKind::Rooms, self::report($home))->rows[0]->cells['Ceiling']->text);
        $stair = Schedule::of(
            ScheduleKind::Stairs,
            self::report(Sketch::room(4000, 3000)->stair([
                'from_storey' => null,
                'rise' => 150,
                'start' => [2000, -2000],
                'parts' => [['flight' => ['risers' => 1]]],
            ])),
        )->rows[0];
        self::assertSame(['1', '150 mm', ''], [$stair->cells['Risers']->text, $stair->cells['Riser']->text, $stair->cells['Tread']->text]);
    }

    /** @return iterable<string, array{ScheduleKind, int}> */
    public static function kinds(): iterable
    {
        yield 'rooms' => [ScheduleKind::Rooms, 2];
        yield 'doors' => [ScheduleKind::Doors, 1];
        yield 'windows' => [ScheduleKind::Windows, 1];
        yield 'fixtures' => [ScheduleKind::Fixtures, 1];
        yield 'stairs' => [ScheduleKind::Stairs, 1];
        yield 'ramps' => [ScheduleKind::Ramps, 0];
        yield 'finishes' => [ScheduleKind::Finishes, 2];
        yield 'areas' => [ScheduleKind::Areas, 2];
    }

    #[DataProvider('kinds')]
    public function test_every_kind_lists_its_own_and_fills_every_column(ScheduleKind $kind, int $count): void
    {
        $home = HeadroomTest::stairwell(void: [1550, 1375, 2450, 4500])
            ->door('w1', 3000, 900)
            ->window('w3', 2000, 900, 1200)
            ->fixture('f', 'wardrobe', 500, 5900, 270, 600, 600);
        $schedule = Schedule::of($kind, self::report($home));
        self::assertCount($count, $schedule->rows);
        foreach ($schedule->rows as $row) {
            self::assertSame(array_keys($kind->columns()), array_keys($row->cells));
        }
    }

    public function test_put_in_order_by_what_was_measured(): void
    {
        $schedule = Schedule::of(ScheduleKind::Rooms, self::report(self::rooms()));
        $names = static fn(Schedule $schedule): array => array_map(
            static fn(ScheduleRow $row): string => $row->subject->id(),
            $schedule->rows,
        );
        self::assertSame(['r', 'b', 'c'], $names($schedule));
        self::assertSame(['c', 'b', 'r'], $names($schedule->arranged('', 'Area', false)), '1.5, 9 and 12 m², as numbers');
        self::assertSame(['r', 'b', 'c'], $names($schedule->arranged('', 'Area', true)));
        self::assertSame(['b', 'r', 'c'], $names($schedule->arranged('', 'Use', false)));
        self::assertSame(['r', 'b', 'c'], $names($schedule->arranged('', 'Colour', false)), 'there is no such column');
    }

    public function test_only_the_rows_that_speak_of_some_words(): void
    {
        $schedule = Schedule::of(ScheduleKind::Rooms, self::report(self::rooms()));
        self::assertCount(1, $schedule->arranged('CLOSET', null, false)->rows);
        self::assertCount(1, $schedule->arranged('12 m²', null, false)->rows);
        self::assertCount(3, $schedule->arranged('ground', null, false)->rows);
        self::assertCount(0, $schedule->arranged('garage', null, false)->rows);
    }

    public function test_findings_gained_lost_and_kept(): void
    {
        // the room grows past its least area and loses the window that lit it
        $small = self::report(Sketch::room(2500, 2200)->window('w1', 1350, 1500, 1500, ['operation' => 'casement', 'sill' => 800]));
        $large = self::report(Sketch::room(4000, 3000));
        $difference = new ReportDifference($small, $large);
        $names = static fn(array $findings): array => array_column(array_column($findings, 'rule'), 'id');
        self::assertContains('room-area', $names($difference->lost));
        self::assertContains('glass-ratio', $names($difference->gained));
        self::assertNotContains('glass-ratio', $names($difference->lost));
        foreach ($difference->kept as [$before, $after]) {
            self::assertSame($before->fingerprint(), $after->fingerprint());
            self::assertTrue($before->verdict()->isOpen() && $after->verdict()->isOpen());
        }
    }

    public function test_a_report_against_itself_keeps_everything(): void
    {
        $report = self::report(Sketch::room(2500, 2200));
        $difference = new ReportDifference($report, $report);
        self::assertSame([[], []], [$difference->gained, $difference->lost]);
        self::assertCount(
            count(array_filter($report->findings, static fn($finding): bool => $finding->verdict()->isOpen())),
            $difference->kept,
        );
    }

    /** A bedroom of 4000 by 3000, a bathroom of 3000 by 3000 and a closet of 500 by 3000 beside each other. */
    private static function rooms(): Sketch
    {
        return (new Sketch())
            ->chain([[-100, -100], [7800, -100], [7800, 3100], [-100, 3100]])
            ->wall([4050, -100], [4050, 3100])
            ->wall([7150, -100], [7150, 3100])
            ->use('r', 'bedroom', 2000, 1500)->use('b', 'bathroom', 5500, 1500)->use('c', 'closet', 7500, 1500);
    }

    private static function report(Sketch $sketch): Report
    {
        $measures = Catalogue::standard();

        return (new Examiner($measures))->examine(
            $sketch->home(),
            [(new RuleBookReader($measures))->readFile(__DIR__.'/../../rulebooks/us-irc-2021.yaml')],
        );
    }
}
