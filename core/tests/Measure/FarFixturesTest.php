<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Spatial\Home;
use Heurema\Spatial\Run\Runs;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\TestWith;

/** How far off something may be and still count: just under, at and just over, however the home is turned. */
final class FarFixturesTest extends MeasureTestCase
{
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_cabinet_beside_what_is_cooked_on(float $turn, bool $isMirrored): void
    {
        self::assertLimit(304.8, static fn(float $away): bool => self::isMeasured('fixture.to_cabinet', DrawnKitchen::at([[[
            ['c', 'range', 0, 600], ['f', 'filler', 600, 600 + $away], ['b', 'base_cabinet', 600 + $away, 1800],
        ], 'bottom']], $turn, $isMirrored), 'c'));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_unit_next_to_an_inner_corner(float $turn, bool $isMirrored): void
    {
        self::assertLimit(304.8, static fn(float $away): bool => self::isMeasured('fixture.corner_filler', DrawnKitchen::at([
            [[['a', 'base_cabinet', 0, 2000], ['b', 'base_cabinet', 2000, 4000]], 'bottom'],
            [[['c', 'base_cabinet', 650 + $away, 1600]], 'right'],
        ], $turn, $isMirrored), 'c'));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_units_of_one_run(float $turn, bool $isMirrored): void
    {
        self::assertLimit(304.8, static fn(float $away): bool => self::isOneRun(DrawnKitchen::at([[[
            ['a', 'base_cabinet', 0, 600], ['b', 'base_cabinet', 600 + $away, 1800],
        ], 'bottom']], $turn, $isMirrored)));
        self::assertLimit(304.8, static fn(float $away): bool => self::isOneRun(DrawnKitchen::at([
            [[['a', 'base_cabinet', 0, 3350 - $away]], 'bottom'],
            [[['b', 'base_cabinet', 0, 2000]], 'right'],
        ], $turn, $isMirrored)));
    }

    /** A unit of the left leg goes on behind those of the right one. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_leg_that_goes_on_beyond_the_next_one(float $turn, bool $isMirrored): void
    {
        self::assertLimit(100.0, static fn(float $beyond): bool => self::isOneRun(DrawnKitchen::at([
            [[['a', 'base_cabinet', 2000, 4000 + $beyond]], 'bottom'],
            [[['b', 'base_cabinet', 700, 2000]], 'right'],
        ], $turn, $isMirrored)));
    }

    /**
     * On each of the walls of a room of 4 by 3 m.
     *
     * @param array{int, int} $at  of the first unit
     * @param array{int, int} $way which way they follow one another
     */
    #[TestWith([[1000, 0], [1, 0], 90.0])]
    #[TestWith([[4000, 1000], [0, 1], 180.0])]
    #[TestWith([[3000, 3000], [-1, 0], 270.0])]
    #[TestWith([[0, 2000], [0, -1], 0.0])]
    public function test_backs_or_fronts_of_one_line(array $at, array $way, float $facing): void
    {
        $out = [-$way[1], $way[0]];
        $beside = static fn(float $off, float $depth): Sketch => Sketch::room(4000, 3000, 'kitchen')
            ->fixture('a', 'base_cabinet', $at[0], $at[1], $facing, 600, 650)
            ->fixture(
                'b',
                'base_cabinet',
                $at[0] + 600 * $way[0] + $off * $out[0],
                $at[1] + 600 * $way[1] + $off * $out[1],
                $facing,
                600,
                $depth,
            );
        // fronts 250 mm apart: only the backs are in one line
        self::assertLimit(60.0, static fn(float $off): bool => self::isOneRun($beside($off, 400 - $off)));
        // backs 300 mm apart: only the fronts are
        self::assertLimit(160.0, static fn(float $off): bool => self::isOneRun($beside(300.0, 350 + $off)));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_window_along_the_wall(float $turn, bool $isMirrored): void
    {
        self::assertLimit(1000.0, static function (float $away) use ($turn, $isMirrored): bool {
            $kitchen = DrawnKitchen::at([[[['w', 'wall_cabinet', 0, 600]], 'bottom']], $turn, $isMirrored)
                ->sized('fixtures', 'w', ['base' => 1400, 'height' => 700])
                // the wall begins 100 mm outside the room
                ->window('w1', 100 + 600 + $away + 500, 1000, 1200, ['sill' => 900]);

            return self::isMeasured('fixture.to_window', $kitchen, 'w');
        });
    }

    /** Heights whose sums are no whole numbers: in inches, in tenths and thirds of a millimetre. */
    #[TestWith([1400.0, 700.0])]
    #[TestWith([1371.6, 762.0])]
    #[TestWith([1400.1, 700.2])]
    #[TestWith([1400 + 1 / 3, 700 + 1 / 3])]
    public function test_tops_that_nearly_agree(float $base, float $height): void
    {
        self::assertLimit(30.0, static fn(float $apart): bool => 0.0 < self::number('fixture.top_off', DrawnKitchen::at([[[
            ['a', 'wall_cabinet', 0, 600], ['b', 'wall_cabinet', 600, 1200],
        ], 'bottom']])->sized('fixtures', 'a', ['base' => $base, 'height' => $height])
            ->sized('fixtures', 'b', ['base' => $base + $apart, 'height' => $height]), 'a'));
    }

    /** A unit in the next room, and the unit itself, are no others. */
    public function test_tops_in_other_rooms_need_not_agree(): void
    {
        $room = static fn(): Sketch => Sketch::room(4000, 3000, 'kitchen')
            ->fixture('a', 'wall_cabinet', 500, 0, 90, 600, 350, ['base' => 1400, 'height' => 700])
            ->fixture('b', 'wall_cabinet', 3000, 0, 90, 600, 350, ['base' => 1410, 'height' => 700]);
        self::assertEqualsWithDelta(10.0, self::number('fixture.top_off', $room(), 'a'), 1e-9);
        $parted = $room()->wall([1500, 0], [1500, 3000])->use('q', 'kitchen', 500, 2500);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.top_off', $parted, 'a'));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_basins_beside_each_other(float $turn, bool $isMirrored): void
    {
        self::assertLimit(2000.0, static fn(float $away): bool => self::isMeasured('fixture.center_spacing', DrawnKitchen::at([[[
            ['a', 'lavatory', 0, 600], ['b', 'lavatory', $away, 600 + $away],
        ], 'bottom']], $turn, $isMirrored), 'a'));
    }

    /** What stands at least 18 in aside of the centre line, by its kind, may stand in the floor of a fixture. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_basin_that_may_stand_in_the_floor_of_a_toilet(float $turn, bool $isMirrored): void
    {
        $floor = ['width' => Amount::length(1524), 'depth' => Amount::length(1422.4), 'anchor' => 'corner', 'besides' => 'lavatory'];
        foreach ([0, 1] as $side) {
            $isInTheWay = static function (float $aside) use ($turn, $isMirrored, $floor, $side): bool {
                [$toilet, $basin] = $side === 0
                    ? [['f', 'water_closet', 260, 660], ['g', 'lavatory', 460 + $aside, 860 + $aside]]
                    : [['f', 'water_closet', 3340, 3740], ['g', 'lavatory', 3140 - $aside, 3540 - $aside]];
                $room = DrawnKitchen::at([[[$toilet, $basin], 'bottom']], $turn, $isMirrored);

                return self::number('fixture.clear_zone', $room, 'f', $floor) < 0.999999;
            };
            self::assertSame([true, false, false], array_map($isInTheWay, [457.1, 457.2, 457.3]));
        }
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_gap_that_no_unit_fills(float $turn, bool $isMirrored): void
    {
        foreach (['fixture.run_gap', 'fixture.odd_gap'] as $measure) {
            // the gap lies to the right of the one unit and to the left of the other
            self::assertSame([true, false, false], array_map(static fn(float $gap): bool => 0.0 < array_sum(array_map(
                static fn(string $id): float => self::gap($measure, $id, $gap, $turn, $isMirrored),
                ['a', 'b'],
            )), [149.9, 150.0, 150.1]), $measure);
        }
    }

    private static function gap(string $measure, string $id, float $gap, float $turn, bool $isMirrored): float
    {
        $measurement = self::measure($measure, DrawnKitchen::at([[[
            ['a', 'base_cabinet', 0, 600], ['b', 'base_cabinet', 600 + $gap, 1800],
        ], 'bottom']], $turn, $isMirrored), $id);

        return $measurement instanceof Measured ? $measurement->amount()->number : 0.0;
    }

    /** A shelf this near a wall behind it hangs on it. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_what_hangs_on_a_wall(float $turn, bool $isMirrored): void
    {
        self::assertLimit(50.0, static fn(float $off): bool => 0.0 === self::number('fixture.unsupported', self::redrawn(
            Sketch::room(4000, 3000)->fixture('s', 'shelf', 1000, $off, 90, 600, 250, ['base' => 1500]),
            $turn,
            $isMirrored,
        ), 's'));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_basins_on_one_wall(float $turn, bool $isMirrored): void
    {
        self::assertLimit(100.0, static fn(float $off): bool => self::isMeasured('fixture.center_spacing', self::redrawn(
            Sketch::room(4000, 3000, 'bathroom')->fixture('a', 'lavatory', 1000, 0, 90, 600, 450)
                ->fixture('b', 'lavatory', 1800, $off, 90, 600, 450),
            $turn,
            $isMirrored,
        ), 'a'));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_the_wall_of_a_window(float $turn, bool $isMirrored): void
    {
        // the middle of the window's wall lies half its thickness behind its face
        self::assertLimit(250.0, static fn(float $off): bool => self::isMeasured('fixture.to_window', self::redrawn(
            Sketch::room(4000, 3000, 'kitchen')
                ->fixture('w', 'wall_cabinet', 1000, $off, 90, 600, 350, ['base' => 1400, 'height' => 700])
                ->window('w1', 2300, 1000, 1200, ['sill' => 900]),
            $turn,
            $isMirrored,
        ), 'w'));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_units_of_one_line_leave_a_gap(float $turn, bool $isMirrored): void
    {
        self::assertLimit(50.0, static fn(float $off): bool => 0.0 < self::number('fixture.odd_gap', self::redrawn(
            Sketch::room(4000, 3000, 'kitchen')->fixture('a', 'base_cabinet', 1000, 0, 90, 600, 600)
                ->fixture('b', 'base_cabinet', 1680, $off, 90, 600, 600),
            $turn,
            $isMirrored,
        ), 'a'));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_tiles_of_the_wall_beside(float $turn, bool $isMirrored): void
    {
        $room = ['id' => 'r', 'name' => 'R', 'use' => 'bathroom', 'at' => [2000, 1500], 'tile_height' => 1200];
        self::assertLimit(60.0, static fn(float $off): bool => 2000.0 === self::number('fixture.tile_height', self::redrawn(
            Sketch::room(4000, 3000)->with(['rooms' => [$room]])->tiled('w1', [2000, 0])
                ->fixture('f', 'shower', 2000, $off, 90, 900, 900),
            $turn,
            $isMirrored,
        ), 'f'));
    }

    /** A piece behind the island goes on with its top where the joint between them is closed. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_worktops_behind_each_other(float $turn, bool $isMirrored): void
    {
        self::assertLimit(3.0, static fn(float $joint): bool => 1.0 < self::number('fixture.worktop_behind', self::redrawn(
            DrawnKitchen::at([[[['i', 'island', 1000, 3000], ['c', 'cooktop', 1600, 2200]], 'middle']])
                ->fixture('k', 'counter', 2000, 2300 + $joint, 90, 2000, 300),
            $turn,
            $isMirrored,
        ), 'c'));
    }

    /** The deepest of the units under it, whichever is listed first. */
    public function test_a_worktop_over_units_of_different_depths(): void
    {
        foreach ([[560, 600], [600, 560]] as [$first, $second]) {
            $kitchen = Sketch::room(4000, 3000, 'kitchen')
                ->fixture('a', 'base_cabinet', 1700, 0, 90, 600, $first, ['height' => 870])
                ->fixture('b', 'base_cabinet', 2300, 0, 90, 600, $second, ['height' => 870])
                ->fixture('k', 'counter', 2000, 0, 90, 1200, 640, ['base' => 870, 'height' => 40]);
            self::assertEqualsWithDelta(40.0, self::number('fixture.overhang', $kitchen, 'k'), 1e-6);
        }
    }

    /** @param callable(float): bool $counts whether something so far off does, mm */
    private static function assertLimit(float $limit, callable $counts): void
    {
        self::assertSame([true, true, false], array_map($counts, [$limit - 0.1, $limit, $limit + 0.1]));
    }

    private static function isOneRun(Sketch $kitchen): bool
    {
        $home = $kitchen->home();

        return count(Runs::of($home->rooms[0], $home)) === 1;
    }

    private static function isMeasured(string $measure, Sketch|Home $kitchen, string $id): bool
    {
        return self::measure($measure, $kitchen, $id) instanceof Measured;
    }
}
