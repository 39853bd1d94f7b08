<?php

declare(strict_types=1);

namespace Heurema\Tests\Kitchen;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Kitchen\CornerKind;
use Heurema\Kitchen\KitchenPlan;
use Heurema\Kitchen\Row;
use Heurema\Kitchen\RowUnit;
use Heurema\Kitchen\Stretch;
use Heurema\Kitchen\UnitSizes;
use Heurema\Kitchen\WorktopOptions;
use Heurema\Kitchen\Worktops;
use Heurema\Layout\Fixture;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Pieces of worktop over rows, by hand: metric units 870 high and 600 deep, 40 thick, 25 over fronts and open ends. */
final class WorktopsTest extends TestCase
{
    public function test_broken_at_ranges_and_tall_units_between_walls(): void
    {
        $plan = HandPlan::straight('base 600, sink 900, range 600, dishwasher 600, filler 50, tall 600', HandPlan::wall(3350));
        self::assertSame(
            ['counter 0-1500, 870 to 910', 'counter 2100-2750, 870 to 910'],
            HandPlan::said((new Worktops(UnitSizes::usual(UnitSystem::Metric)))->over($plan, 0), 3350),
        );
    }

    #[TestWith([true, true, '0-1200'])]
    #[TestWith([false, true, '-25-1200'])]
    #[TestWith([true, false, '0-1225'])]
    #[TestWith([false, false, '-25-1225'])]
    public function test_over_open_ends(bool $left, bool $right, string $span): void
    {
        $plan = HandPlan::straight('base 600, base 600', HandPlan::wall(1200, $left, $right));
        self::assertSame(["counter {$span}, 870 to 910"], HandPlan::said(self::over($plan), 1200));
    }

    /** As far as was asked for, but not into a doorway, nor past what is left of the wall. */
    #[TestWith([0.0, 0.0, '0-1200'])]
    #[TestWith([INF, 0.0, '-60-1200'])]
    #[TestWith([59.9, 60.1, '-59.9-1260'])]
    public function test_no_farther_over_an_open_end_than_there_is_room(float $left, float $right, string $span): void
    {
        $stretch = new Stretch(new Segment(new Point(1200, 0), new Point(0, 0)), Stretch::OPEN, Stretch::OPEN, beyond: [$left, $right]);
        $over = (new Worktops(UnitSizes::usual(UnitSystem::Metric), new WorktopOptions(60.0)))
            ->over(HandPlan::straight('base 600, base 600', $stretch), 0);
        self::assertSame(["counter {$span}, 870 to 910"], HandPlan::said($over, 1200));
    }

    public function test_over_fronts_with_an_upstand_and_in_one_piece_as_was_asked_for(): void
    {
        $plan = HandPlan::corner('base 1000, base 1000, base 1000', 'gap 600, filler 75, base 2325', CornerKind::BlindLeft);
        $worktops = new Worktops(UnitSizes::usual(UnitSystem::Metric)->reaching(10.0), new WorktopOptions(25.0, 120.0, true));
        foreach ([0 => 3000.0, 1 => 2390.0] as $row => $length) {
            [$top] = $worktops->over($plan, $row);
            self::assertSame([$length, 610.0, 120.0, true], [$top->width, $top->depth, $top->upstand, $top->onePiece]);
        }
        [$usual] = self::over($plan);
        self::assertSame([null, null], [$usual->upstand, $usual->onePiece]);
        $straight = (new Worktops(UnitSizes::usual(UnitSystem::Metric), new WorktopOptions(25.0, 120.0, true)))
            ->over(HandPlan::straight('base 600', HandPlan::wall(600)), 0);
        self::assertNull($straight[0]->onePiece, 'there is no corner');
        $island = (new Worktops(UnitSizes::usual(UnitSystem::Metric), new WorktopOptions(25.0, 120.0)))
            ->over(HandPlan::straight('base 600', HandPlan::wall(600, false, false, isIsland: true)), 0);
        self::assertNull($island[0]->upstand, 'no wall is behind an island');
    }

    /** Beside a refrigerator nothing reaches over, where nothing stands it does. */
    public function test_over_the_end_of_a_row_that_stops_before_the_wall(): void
    {
        $plan = HandPlan::straight('refrigerator 600, base 600', HandPlan::wall(1500, right: false));
        self::assertSame(['counter 600-1225, 870 to 910'], HandPlan::said(self::over($plan), 1500));
    }

    public function test_an_island_has_it_all_around(): void
    {
        [$top] = self::over(HandPlan::straight('base 900, base 900', HandPlan::wall(1800, false, false, isIsland: true)));
        self::assertSame([1850.0, 650.0, -25.0], [$top->width, $top->depth, $top->at->y]);
    }

    /** @param list<string> $pieces */
    #[TestWith(['range 600, filler 149, range 600', []])]
    #[TestWith(['range 600, filler 150, range 600', ['counter 600-750, 870 to 910']])]
    #[TestWith(['range 600, filler 50, base 300, range 600', ['counter 600-950, 870 to 910']])]
    public function test_a_narrow_filler_by_itself_has_none(string $units, array $pieces): void
    {
        self::assertSame($pieces, HandPlan::said(self::over(HandPlan::straight($units, HandPlan::wall(3000))), 3000));
    }

    /**
     * The piece of the left row goes through to the wall, or that of the right one where its unit reaches in; the other one begins at its
     * front, 625 from the corner.
     *
     * @param array{float, float} $lengths of the piece in either row
     */
    #[TestWith([CornerKind::BlindLeft, 'base 1000, base 1000, base 1000', 'gap 600, filler 75, base 2325', [3000.0, 2375.0]])]
    #[TestWith([CornerKind::BlindRight, 'base 1000, base 1325, filler 75', 'base 1000, base 2000', [2375.0, 3000.0]])]
    #[TestWith([CornerKind::Open, 'base 1000, base 1325, filler 75', 'gap 600, filler 75, base 2325', [3000.0, 2375.0]])]
    public function test_joined_in_a_corner(CornerKind $kind, string $left, string $right, array $lengths): void
    {
        $plan = HandPlan::corner($left, $right, $kind);
        $worktops = new Worktops(UnitSizes::usual(UnitSystem::Metric));
        self::assertSame($lengths, [$worktops->over($plan, 0)[0]->width, $worktops->over($plan, 1)[0]->width]);
        self::assertCount(1, $worktops->over($plan, 0));
    }

    /**
     * Over a unit of 900 in the corner, 25 over its front as elsewhere: cut off 910.36 from the corner where it goes on beside it, and at
     * 900 where a range stands there.
     */
    #[TestWith(['base 1000', 910.3553, 1014.6447])]
    #[TestWith(['range 600, base 1000', 900.0, 1025.0])]
    public function test_over_a_unit_that_is_cut_off_in_the_corner(string $beside, float $out, float $next): void
    {
        $sizes = UnitSizes::usual(UnitSystem::Metric);
        $first = HandPlan::corner('base 1050, base 1050', "gap 900, {$beside}", CornerKind::Diagonal);
        $plan = new KitchenPlan([
            new Row(
                $first->rows[0]->stretch,
                [...$first->rows[0]->units, new RowUnit(FixtureKind::BaseCabinet, 2100.0, 900.0, diagonal: $sizes->diagonal())],
                0.0,
                0.0,
                2100.0,
            ),
            new Row($first->rows[1]->stretch, $first->rows[1]->units, 0.0, 900.0, 2000.0 + ($out === 900.0 ? 500.0 : 0.0)),
        ], [CornerKind::Diagonal]);
        $worktops = new Worktops($sizes);
        [$top] = $worktops->over($plan, 0);
        self::assertEqualsWithDelta([3000.0, $out], [$top->width, $top->depth], 1e-3);
        $corners = array_map(static fn(Point $at): array => [round($at->x + 1500.0, 2), round($at->y, 2)], $top->outline ?? []);
        self::assertSame(
            [
                [0.0, 0.0], [3000.0, 0.0], [3000.0, 625.0], [910.36, 625.0],
                $out > 900.0 ? [625.0, 910.36] : [635.36, 900.0], [0.0, round($out, 2)],
            ],
            $corners,
        );
        self::assertEqualsWithDelta($next, $worktops->over($plan, 1)[0]->width, 1e-3);
    }

    /** @return list<Fixture> */
    private static function over(KitchenPlan $plan): array
    {
        return (new Worktops(UnitSizes::usual(UnitSystem::Metric)))->over($plan, 0);
    }
}
