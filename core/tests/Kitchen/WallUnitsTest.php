<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Kitchen\CornerKind;
use Heurema\Kitchen\KitchenPlan;
use Heurema\Kitchen\UnitSizes;
use Heurema\Kitchen\WallUnitOptions;
use Heurema\Kitchen\WallUnits;
use Heurema\Layout\Fixture;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What hangs over rows, by hand: metric units, undersides at 1400, tops at 2120. */
final class WallUnitsTest extends TestCase
{
    public function test_as_wide_as_what_stands_below(): void
    {
        $plan = HandPlan::straight('filler 50, base 600, sink 900, dishwasher 600, range 600, refrigerator 650', HandPlan::wall(3400));
        self::assertSame([
            'filler 0-50, 1400 to 2120', 'wall_cabinet 50-650, 1400 to 2120', 'wall_cabinet 650-1550, 1400 to 2120',
            'wall_cabinet 1550-2150, 1400 to 2120',
            // 910 and 765 over it
            'hood 2150-2750, 1675 to 1875',
            // 1850 and 50 of air
            'wall_cabinet 2750-3400, 1900 to 2120',
        ], self::hung($plan, 3400));
    }

    public function test_nothing_over_tall_units_and_islands(): void
    {
        self::assertSame([], self::hung(HandPlan::straight('tall 600, oven 600', HandPlan::wall(1200)), 1200));
        self::assertSame([], self::hung(HandPlan::straight('base 600', HandPlan::wall(600, isIsland: true)), 600));
    }

    /** A unit that a window takes some of is the widest that keeps 101.6 off it; it stays where its neighbour is. */
    public function test_windows_are_kept_clear(): void
    {
        $plan = HandPlan::straight('base 900, base 900, base 900', HandPlan::wall(2700, windows: [[1000.0, 1600.0, 1000.0, 2000.0]]));
        self::assertSame(
            // 898.4 at the left: 850; 998.4 less 900 at its right: none made is so narrow; 1701.6 to 1800 likewise
            ['wall_cabinet 0-850, 1400 to 2120', 'wall_cabinet 1800-2700, 1400 to 2120'],
            self::hung($plan, 2700),
        );
        $aside = HandPlan::straight('base 900, base 900', HandPlan::wall(1800, windows: [[100.0, 400.0, 1000.0, 2000.0]]));
        // from 501.6: 398.4 are left, at the right of the first
        self::assertSame(['wall_cabinet 550-900, 1400 to 2120', 'wall_cabinet 900-1800, 1400 to 2120'], self::hung($aside, 1800));
    }

    /** @param list<string> $hung */
    #[TestWith([1400.0, ['wall_cabinet 0-900, 1400 to 2120']])]
    #[TestWith([1400.1, []])]
    public function test_a_low_window_is_not_in_the_way(float $head, array $hung): void
    {
        $plan = HandPlan::straight('base 900', HandPlan::wall(900, windows: [[0.0, 900.0, 1000.0, $head]]));
        self::assertSame($hung, self::hung($plan, 900));
    }

    public function test_a_window_behind_a_cooktop_or_a_refrigerator_leaves_no_room(): void
    {
        $plan = HandPlan::straight('cooktop 600, refrigerator 600', HandPlan::wall(1200, windows: [[500.0, 700.0, 1000.0, 2100.0]]));
        self::assertSame([], self::hung($plan, 1200));
    }

    #[TestWith([2120.0, 'wall_cabinet 0-900, 1400 to 2120'])]
    #[TestWith([2000.0, 'wall_cabinet 0-900, 1400 to 2000'])]
    #[TestWith([1600.0, 'wall_cabinet 0-900, 1400 to 1600'])]
    #[TestWith([1599.0, ''])]
    public function test_under_a_low_ceiling(float $ceiling, string $hung): void
    {
        $plan = HandPlan::straight('base 900', HandPlan::wall(900, ceiling: $ceiling));
        self::assertSame($hung, implode('; ', self::hung($plan, 900)));
    }

    public function test_glass_doors_and_a_shallow_unit_over_the_refrigerator(): void
    {
        $plan = HandPlan::corner('refrigerator 600, base 1400, base 1000', 'gap 600, filler 75, base 2325', CornerKind::BlindLeft);
        $hung = static fn(WallUnitOptions $wish): array => array_map(
            static fn(Fixture $one): array => [$one->kind->value, $one->depth, $one->glassDoors],
            (new WallUnits(UnitSizes::usual(UnitSystem::Metric), UnitSizes::usualWidths(UnitSystem::Metric), $wish))->over($plan),
        );
        self::assertSame([
            ['wall_cabinet', 600.0, true], ['wall_cabinet', 350.0, null], ['wall_cabinet', 350.0, true], ['wall_cabinet', 350.0, true],
            ['filler', 350.0, null], ['wall_cabinet', 350.0, true],
        ], $hung(new WallUnitOptions(true, false)));
        self::assertSame(['wall_cabinet', 600.0, null], $hung(new WallUnitOptions())[1]);
    }

    public function test_a_unit_in_the_corner_comes_first(): void
    {
        $plan = HandPlan::corner('base 1000, base 1000, base 1000', 'gap 600, filler 75, base 1000, base 1325', CornerKind::BlindLeft);
        $hung = (new WallUnits(UnitSizes::usual(UnitSystem::Metric), UnitSizes::usualWidths(UnitSystem::Metric)))->over($plan);
        // 600 by 600 in the corner, its front cut off from 350 to 350; the blind unit has 400 beside it
        self::assertSame([300.0, 0.0, 600.0, 600.0], [$hung[0]->at->x, $hung[0]->at->y, $hung[0]->width, $hung[0]->depth]);
        self::assertSame(
            [[-300.0, 0.0], [300.0, 0.0], [300.0, 350.0], [50.0, 600.0], [-300.0, 600.0]],
            array_map(static fn(Point $point): array => [$point->x, $point->y], $hung[0]->outline ?? []),
        );
        $widths = array_map(static fn(Fixture $one): ?float => $one->width, $hung);
        self::assertSame([600.0, 1000.0, 1000.0, 400.0, 75.0, 1000.0, 1325.0], $widths);
        self::assertSame('filler', $hung[4]->kind->value);
    }

    /** @return list<string> */
    private static function hung(KitchenPlan $plan, float $length): array
    {
        $units = new WallUnits(UnitSizes::usual(UnitSystem::Metric), UnitSizes::usualWidths(UnitSystem::Metric));

        return HandPlan::said($units->over($plan), $length);
    }
}
