<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Kitchen\Anchor;
use Heurema\Kitchen\CornerKind;
use Heurema\Kitchen\KitchenPlans;
use Heurema\Kitchen\Row;
use Heurema\Kitchen\Rows;
use Heurema\Kitchen\RowUnit;
use Heurema\Kitchen\Stretch;
use Heurema\Kitchen\UnitSizes;
use Heurema\Kitchen\WallStretch;
use Heurema\Kitchen\WallStretches;
use Heurema\Kitchen\WantedFixture;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Tests\Sketch;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Kitchens laid out along walls: what always holds, over generated rooms; and small ones by hand. */
final class KitchenPlansTest extends TestCase
{
    private const CLOSE = 0.06;

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 120) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_rows_are_full_and_hold_what_is_wanted(int $seed): void
    {
        $kitchen = new RandomKitchen($seed);
        $plans = $kitchen->plans();
        $before = null;
        foreach ($plans as $plan) {
            self::assertLessThanOrEqual(0, $before?->compare($plan) ?? -1, 'the best first');
            foreach ($plan->rows as $number => $row) {
                self::assertSideBySide($row, isset($plan->corners[$number - 1]), isset($plan->corners[$number]));
                foreach ($row->units as $unit) {
                    $isFill = $unit->kind === FixtureKind::BaseCabinet && $unit->setIn === null;
                    self::assertTrue(
                        !$isFill || abs(($kitchen->widths->atMost($unit->width) ?? 0.0) - $unit->width) < self::CLOSE,
                        'a width that is made',
                    );
                }
            }
            $before = $plan;
        }
        self::assertLessThanOrEqual(60, count($plans));
    }

    /** From wall to wall; at a free end what is left over stays open, at a corner begins what the other row leaves. */
    private static function assertSideBySide(Row $row, bool $cornerLeft, bool $cornerRight): void
    {
        $length = $row->stretch->length();
        $units = $row->units;
        foreach (array_slice($units, 1) as $number => $unit) {
            self::assertEqualsWithDelta($units[$number]->right(), $unit->left, self::CLOSE);
        }
        if ($units === []) {
            return;
        }
        [$from, $to] = [$units[0]->left, $units[count($units) - 1]->right()];
        $starts = $cornerLeft && $from > self::CLOSE ? $row->from : 0.0;
        $ends = $cornerRight && $to < $length - self::CLOSE ? $row->to : $length;
        self::assertEqualsWithDelta($ends - $starts, $to - $from + $row->left, self::CLOSE);
        self::assertTrue(!$row->stretch->left || abs($from - $starts) < self::CLOSE, 'closed at the left');
        self::assertTrue(!$row->stretch->right || abs($to - $ends) < self::CLOSE, 'closed at the right');
    }

    public function test_a_straight_row_by_hand(): void
    {
        // 3600 less 25 at each wall: sink 800 under the middle of the window at 1800, refrigerator 600 at the right
        $stretch = self::stretch(Sketch::room(3600, 3000, 'kitchen')->window('w1', 1900, 1200, 1100, ['sill' => 1000]), 2);
        self::assertSame([1800.0, true, true], [self::middle($stretch), $stretch->left, $stretch->right]);
        $rows = (new Rows(UnitSizes::usualWidths(UnitSystem::Metric), UnitSizes::usual(UnitSystem::Metric), 25.0))->along($stretch, [
            new WantedFixture(FixtureKind::Sink, 800, Anchor::Window), new WantedFixture(FixtureKind::Refrigerator, 600, Anchor::RightEnd),
        ]);
        self::assertSame(
            // 1400 at the left leaves 25 + 25 over 1350; 775 between them one unit of 750 and 25
            'filler 0 50; base_cabinet 50 700; base_cabinet 750 650; sink 1400 800; base_cabinet 2200 750; filler 2950 25; '
            .'refrigerator 2975 600; filler 3575 25',
            self::said($rows[0]),
        );
    }

    public function test_two_walls_and_their_corner(): void
    {
        $walls = WallStretches::of(($home = Sketch::room(3000, 2400, 'kitchen')->home())->rooms[0], $home);
        [$left, $right] = [$walls[1]->stretch, $walls[2]->stretch];
        self::assertTrue($left->turnsInto($right));
        self::assertFalse($right->turnsInto($left));
        $wanted = [new WantedFixture(FixtureKind::Cooktop, 600, Anchor::LeftEnd)];
        $rows = new Rows(UnitSizes::usualWidths(UnitSystem::Metric), UnitSizes::usual(UnitSystem::Metric));
        $said = static fn(CornerKind $kind): string => implode(
            ' | ',
            array_map(self::said(...), (new KitchenPlans($rows))->of([$left, $right], $wanted, $kind)[0]->rows),
        );
        // 2400: the corner takes 1000 (600 + 75 + 305 at the least), the cooktop 600; 3000 less 675 leaves 2325, 25 of it over, one half
        // at either end
        self::assertSame(
            'cooktop 0 600; base_cabinet 600 800; base_cabinet 1400 1000 | '
            .'filler 600 87.5; base_cabinet 687.5 1150; base_cabinet 1837.5 1150; filler 2987.5 12.5',
            $said(CornerKind::BlindLeft),
        );
        self::assertSame(
            'cooktop 0 600; base_cabinet 600 1100; filler 1700 100 | base_cabinet 0 1000; base_cabinet 1000 1000; base_cabinet 2000 1000',
            $said(CornerKind::BlindRight),
        );
        self::assertSame(
            'cooktop 0 600; base_cabinet 600 1100; filler 1700 100 | '
            .'filler 600 87.5; base_cabinet 687.5 1150; base_cabinet 1837.5 1150; filler 2987.5 12.5',
            $said(CornerKind::Open),
        );
    }

    public function test_what_does_not_fit_has_no_plan(): void
    {
        $stretch = self::stretch(Sketch::room(1500, 3000, 'kitchen'), 2);
        $rows = new Rows(UnitSizes::usualWidths(UnitSystem::Metric), UnitSizes::usual(UnitSystem::Metric));
        $wide = static fn(float $width): array => [
            new WantedFixture(FixtureKind::Sink, 800),
            new WantedFixture(FixtureKind::Range, $width),
        ];
        self::assertSame([], $rows->along($stretch, $wide(700.1)));
        self::assertCount(1, $rows->along($stretch, $wide(700.0)));
        self::assertSame([], $rows->along($stretch, [new WantedFixture(FixtureKind::Sink, 800, Anchor::Window)]), 'there is no window');
        $between = [new WantedFixture(FixtureKind::Sink, 800, Anchor::RightEnd), new WantedFixture(FixtureKind::Range, 600)];
        self::assertSame([], $rows->along($stretch, $between), 'nothing stands beyond the end');
    }

    /** All ways to stand two fixtures and the fewest units in a row are found: none is missing, none is there twice. */
    public function test_all_ways_are_there(): void
    {
        $stretch = self::stretch(Sketch::room(4000, 3000, 'kitchen'), 2);
        $rows = (new Rows(UnitSizes::usualWidths(UnitSystem::Metric), UnitSizes::usual(UnitSystem::Metric)))->along($stretch, [
            new WantedFixture(FixtureKind::Sink, 800), new WantedFixture(FixtureKind::Range, 600),
        ]);
        $said = array_map(self::said(...), $rows);
        // 2600 are 3 units or 4, shared among three places: 10 and 15 ways
        self::assertCount(25, $said);
        self::assertSame($said, array_values(array_unique($said)));
    }

    public function test_the_best_has_its_worktops_where_they_are_worked_at(): void
    {
        $stretch = self::stretch(Sketch::room(4800, 3000, 'kitchen'), 2);
        $rows = new Rows(UnitSizes::usualWidths(UnitSystem::Metric), UnitSizes::usual(UnitSystem::Metric));
        $plans = (new KitchenPlans($rows))->of([$stretch], [
            new WantedFixture(FixtureKind::Refrigerator, 600, Anchor::LeftEnd),
            new WantedFixture(FixtureKind::Sink, 800),
            new WantedFixture(FixtureKind::Range, 600),
        ]);
        self::assertEqualsWithDelta(0.0, $plans[0]->short, self::CLOSE);
        self::assertGreaterThan(0.0, $plans[count($plans) - 1]->short);
    }

    private static function middle(Stretch $stretch): float
    {
        return ($stretch->windows[0]->left + $stretch->windows[0]->right) / 2;
    }

    private static function stretch(Sketch $room, int $wall): Stretch
    {
        $home = $room->home();
        $found = array_filter(WallStretches::of($home->rooms[0], $home), static fn(WallStretch $one): bool => $one->number === $wall);

        return array_values($found)[0]->stretch;
    }

    private static function said(Row $row): string
    {
        return implode('; ', array_map(
            static fn(RowUnit $one): string => "{$one->use()->value} ".round($one->left, 2).' '.round($one->width, 2),
            $row->units,
        ));
    }
}
