<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Kitchen\CornerKind;
use Heurema\Kitchen\KitchenPlan;
use Heurema\Kitchen\Landings;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** By how much worktops of a plan fall short of what the planning guidelines advise (from memory), at each limit. */
final class LandingsTest extends TestCase
{
    /** Sinks have 38.1 of worktop over their own unit at either side: 876.3 and 419.1 beside it are 36 in and 18 in. */
    #[TestWith(['base 876.3, sink 900, base 419.1', 0.0])]
    #[TestWith(['base 866.3, sink 900, base 419.1', 10.0])]
    #[TestWith(['base 876.3, sink 900, base 409.1', 10.0])]
    #[TestWith(['base 419.1, sink 900, base 876.3', 0.0])]
    #[TestWith(['base 381, range 600, base 304.8', 0.0])]
    #[TestWith(['base 371, range 600, base 304.8', 10.0])]
    #[TestWith(['base 381, range 600, base 294.8', 10.0])]
    #[TestWith(['base 304.8, cooktop 600, base 381', 0.0])]
    #[TestWith(['base 304.8, cooktop 600, base 371', 10.0])]
    #[TestWith(['refrigerator 600, base 381', 0.0])]
    #[TestWith(['refrigerator 600, base 371', 10.0])]
    #[TestWith(['oven 600, base 381', 0.0])]
    #[TestWith(['base 371, oven 600', 10.0])]
    public function test_beside_what_is_worked_at(string $units, float $short): void
    {
        self::assertEqualsWithDelta($short, HandPlan::straight($units, HandPlan::wall(3000))->short, 0.01);
    }

    /** A refrigerator and an oven share 27 in, with a sink 36 in, whose own margin counts; the sink's other side is long enough. */
    #[TestWith(['refrigerator 600, base 685.8, oven 600', 0.0])]
    #[TestWith(['refrigerator 600, base 675.8, oven 600', 10.0])]
    #[TestWith(['refrigerator 600, base 876.3, sink 900, base 876.3', 0.0])]
    #[TestWith(['refrigerator 600, base 866.3, sink 900, base 876.3', 10.0])]
    public function test_what_two_things_share(string $units, float $short): void
    {
        self::assertEqualsWithDelta($short, HandPlan::straight($units, HandPlan::wall(4000))->short, 0.01);
    }

    /** A dishwasher is no farther than 36 in from a sink, at either side. */
    #[TestWith(['base 1000, sink 900, base 914.4, dishwasher 600', 0.0])]
    #[TestWith(['base 1000, sink 900, base 924.4, dishwasher 600', 10.0])]
    #[TestWith(['dishwasher 600, base 924.4, sink 900, base 1000', 10.0])]
    #[TestWith(['base 1000, dishwasher 600', 0.0])]
    public function test_a_dishwasher_near_a_sink(string $units, float $short): void
    {
        self::assertEqualsWithDelta($short, HandPlan::straight($units, HandPlan::wall(5000))->short, 0.01);
    }

    /** 21 in from the fronts of the other row, 600 from the corner. */
    #[TestWith(['gap 600, filler 75, base 458.4, dishwasher 600', 0.0])]
    #[TestWith(['gap 600, filler 75, base 448.4, dishwasher 600', 10.0])]
    public function test_a_dishwasher_off_the_corner(string $right, float $short): void
    {
        $plan = HandPlan::corner('base 1000, base 1000, base 1000', $right, CornerKind::BlindLeft);
        self::assertEqualsWithDelta($short, $plan->short, 0.01);
        $left = HandPlan::corner(
            'dishwasher 600, base '.(1266.6 + $short).', filler 533.4',
            'gap 600, filler 75, base 1000',
            CornerKind::Open,
        );
        self::assertEqualsWithDelta(0.0, $left->short, 0.01);
    }

    /** Around a corner the worktop goes on to the fronts of the other row: 400 of the blind unit, and the filler and unit beside it. */
    public function test_worktop_goes_on_around_a_corner(): void
    {
        $right = 'gap 600, filler 75, base 325, cooktop 600, base 1400';
        $plan = HandPlan::corner('range 600, base 1400, base 1000', $right, CornerKind::BlindLeft);
        self::assertEqualsWithDelta([0.0, 1400.0 + 400.0 + 400.0], (new Landings($plan))->of(0, 0), 0.01);
        self::assertEqualsWithDelta([400.0 + 400.0 + 1400.0, 1400.0], (new Landings($plan))->of(1, 2), 0.01);
    }

    /** Of two plans the better is that with less before windows, then less short, then less over, then fewer, then more even units. */
    public function test_which_plan_is_better(): void
    {
        $window = [[0.0, 600.0, 1000.0, 2000.0]];
        $plan = static fn(string $units): KitchenPlan => HandPlan::straight($units, HandPlan::wall(3000));
        $before = static fn(string $units): KitchenPlan => HandPlan::straight($units, HandPlan::wall(3000, windows: $window));
        $inOrder = [
            $plan('base 600, base 600'), $plan('base 500, base 700'), $plan('base 400, base 400, base 400'),
            $plan('base 600, base 550, filler 50'), $plan('oven 600, base 300'), $before('base 300, oven 600'),
            $before('oven 600, base 600'),
        ];
        $shuffled = array_reverse($inOrder);
        usort($shuffled, static fn(KitchenPlan $one, KitchenPlan $other): int => $one->compare($other));
        self::assertSame($inOrder, $shuffled);
        self::assertEqualsWithDelta([300.0, 600.0], [$inOrder[5]->rows[0]->beforeWindows(), $inOrder[6]->rows[0]->beforeWindows()], 0.01);
        self::assertEqualsWithDelta([200.0, 50.0], [$inOrder[1]->rows[0]->spread(), $inOrder[3]->over()], 0.01);
    }
}
