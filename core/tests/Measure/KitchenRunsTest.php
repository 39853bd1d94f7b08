<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Spatial\Home;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\RunCorner;
use Heurema\Spatial\Run\RunCornerKind;
use Heurema\Spatial\Run\Runs;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\TestWith;

/** Runs of kitchen units: found whatever wall they stand at and however the home is turned; kitchens worked by hand. */
final class KitchenRunsTest extends MeasureTestCase
{
    /**
     * A straight kitchen of 3600 mm: unit 600, sink 800 set in its unit of 900, unit 900, cooktop unit, refrigerator. Units stand from the
     * left as one looks at the wall.
     */
    private const STRAIGHT = [
        ['u1', 'base_cabinet', 0, 600], ['u2', 'base_cabinet', 600, 1500], ['s', 'sink', 650, 1450], ['u3', 'base_cabinet', 1500, 2400],
        ['c', 'range', 2400, 3000], ['r', 'refrigerator', 3000, 3700],
    ];

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_straight_kitchen(float $turn, bool $isMirrored): void
    {
        $kitchen = DrawnKitchen::at([[self::STRAIGHT, 'bottom']], $turn, $isMirrored);
        self::assertSame([1], array_map(static fn(Run $run): int => count($run->legs), self::runs($kitchen)));
        // at the sink 650 to the end of the run, and 950 to the range
        self::assertEqualsWithDelta([950.0, 650.0], self::landings($kitchen, 's'), 0.01);
        self::assertEqualsWithDelta([950.0, 0.0], self::landings($kitchen, 'c'), 0.01);
        self::assertEqualsWithDelta([0.0, 0.0], self::landings($kitchen, 'r'), 0.01);
        self::assertEqualsWithDelta(1600.0, self::number('room.worktop', $kitchen, 'room'), 0.01);
        self::assertEqualsWithDelta(950.0, self::number('room.worktop', $kitchen, 'room', ['of' => 'longest']), 0.01);
        // fronts at 1050, 2700 and 3350 along one line: 1650, 650 and 2300
        self::assertEqualsWithDelta(4600.0, self::number('room.work_triangle', $kitchen, 'room'), 0.01);
        self::assertEqualsWithDelta(650.0, self::number('room.work_triangle', $kitchen, 'room', ['of' => 'shortest']), 0.01);
        self::assertEqualsWithDelta(2300.0, self::number('room.work_triangle', $kitchen, 'room', ['of' => 'longest']), 0.01);
        // a room 3 m deep, units 650
        self::assertEqualsWithDelta(2350.0, self::number('room.aisle', $kitchen, 'room'), 0.01);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.to_corner', $kitchen, 'u1'));
    }

    /** Sink in the left leg, range in the right one; the corner is a blind unit of the left leg, 650 deep. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_kitchen_around_a_corner(float $turn, bool $isMirrored): void
    {
        $kitchen = DrawnKitchen::at([
            [[
                ['u1', 'base_cabinet', 0, 900], ['s', 'sink', 100, 800], ['d', 'dishwasher', 900, 1500],
                ['u2', 'base_cabinet', 1500, 4000],
            ], 'bottom'],
            [[['u3', 'base_cabinet', 650, 1250], ['c', 'range', 1250, 1850], ['r', 'refrigerator', 2000, 2700]], 'right'],
        ], $turn, $isMirrored);
        self::assertSame([2], array_map(static fn(Run $run): int => count($run->legs), self::runs($kitchen)));
        // from the range 600 to the corner, and 3350 - 1500 along the other leg
        self::assertEqualsWithDelta([2450.0, 0.0], self::landings($kitchen, 'c'), 0.01);
        self::assertEqualsWithDelta([100.0, 100.0], self::landings($kitchen, 's'), 0.01);
        self::assertEqualsWithDelta(1850.0, self::number('fixture.to_corner', $kitchen, 'd'), 0.01);
        self::assertEqualsWithDelta(600.0, self::number('fixture.to_corner', $kitchen, 'c'), 0.01);
        self::assertEqualsWithDelta(2650.0, self::number('room.worktop', $kitchen, 'room'), 0.01);
        self::assertEqualsWithDelta(100.0, self::number('fixture.to_kind', $kitchen, 'd', ['kind' => 'sink']), 0.01);
    }

    /** A unit of 900 in the corner, cut off between fronts 650 deep: its front is 250 times the square root of 2. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_unit_cut_off_in_a_corner(float $turn, bool $isMirrored): void
    {
        $outline = [[-450, 0], [450, 0], [450, 900], [-200, 900], [-450, 650]];
        $side = $isMirrored ? -1 : 1;
        $kitchen = DrawnKitchen::at([
            [[['b', 'base_cabinet', 1600, 3100], ['s', 'sink', 2000, 2800], ['d', 'base_cabinet', 3100, 4000]], 'bottom'],
            [[['e', 'base_cabinet', 900, 2000], ['c', 'range', 2000, 2600]], 'right'],
        ], $turn, $isMirrored)->sized('fixtures', 'd', ['depth' => 900, 'outline' => array_map(
            static fn(array $at): array => [$side * $at[0], $at[1]],
            $isMirrored ? array_reverse($outline) : $outline,
        )]);
        [$run] = self::runs($kitchen);
        $front = 250 * M_SQRT2;
        self::assertSame([RunCornerKind::Diagonal], self::corners($kitchen));
        self::assertCount(2, $run->legs);
        self::assertEqualsWithDelta(1500 + $front + 1700, $run->length(), 0.01);
        self::assertEqualsWithDelta([1400 + $front, 400.0], self::landings($kitchen, 's'), 0.01);
        self::assertEqualsWithDelta([1400 + $front, 0.0], self::landings($kitchen, 'c'), 0.01);
        self::assertEqualsWithDelta(1800 + $front, self::number('room.worktop', $kitchen, 'room'), 0.01);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.corner_filler', $kitchen, 'd'));
        self::assertEqualsWithDelta(0.0, self::number('fixture.run_gap', $kitchen, $isMirrored ? 'b' : 'e'), 0.01);
        self::assertEqualsWithDelta(0.0, self::number('fixture.run_overlap', $kitchen, 'd'), 0.01);
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_three_legs_and_an_island(float $turn, bool $isMirrored): void
    {
        $kitchen = DrawnKitchen::at([
            [[['a1', 'base_cabinet', 650, 2650]], 'left'],
            [[['b1', 'base_cabinet', 0, 4000], ['c', 'cooktop', 1700, 2300]], 'bottom'],
            [[['e1', 'base_cabinet', 650, 2650]], 'right'],
        ], $turn, $isMirrored);
        [$run] = self::runs($kitchen);
        self::assertCount(3, $run->legs);
        self::assertSame([RunCornerKind::Blind, RunCornerKind::Blind], self::corners($kitchen));
        // 2000 to the corner and 1050 along the lower leg, at either side
        self::assertEqualsWithDelta([3050.0, 3050.0], self::landings($kitchen, 'c'), 0.01);
        self::assertEqualsWithDelta(2350.0, self::number('room.aisle', $kitchen, 'room'), 0.01, 'to the wall');
        $island = DrawnKitchen::at([
            [[['b1', 'base_cabinet', 0, 4000], ['s', 'sink', 1000, 1800]], 'bottom'],
            [[['i', 'island', 1000, 3000]], 'middle'],
        ], $turn, $isMirrored);
        self::assertCount(2, self::runs($island));
        self::assertEqualsWithDelta(1000.0, self::number('room.aisle', $island, 'room'), 0.01);
        self::assertEqualsWithDelta(5200.0, self::number('room.worktop', $island, 'room'), 0.01);
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_tall_unit_between_two_places_of_work(float $turn, bool $isMirrored): void
    {
        $kitchen = DrawnKitchen::at([
            [[
                ['s', 'sink', 0, 800], ['t', 'tall_cabinet', 900, 1500], ['u', 'base_cabinet', 1500, 2100], ['c', 'range', 2100, 2700],
                ['v', 'tall_cabinet', 2700, 3300],
            ], 'bottom'],
            [[['r', 'refrigerator', 700, 1400]], 'right'],
        ], $turn, $isMirrored);
        self::assertSame([1.0, 1.0, 0.0], array_map(
            static fn(string $id): float => self::number('fixture.between_centres', $kitchen, $id),
            ['t', 'u', 'v'],
        ));
    }

    /** The gap belongs to the unit at its left, as one faces the run: mirrored, to the other one. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_gap_in_a_run_and_units_in_one_place(float $turn, bool $isMirrored): void
    {
        $kitchen = DrawnKitchen::at([[[
            ['a', 'base_cabinet', 0, 600], ['b', 'base_cabinet', 633.3, 1200], ['f', 'filler', 1200, 1240], ['c', 'range', 1240, 1840],
            ['d', 'base_cabinet', 2100, 2700], ['e', 'base_cabinet', 2660, 3300],
        ], 'bottom']], $turn, $isMirrored);
        // from the left end of the sheet is from the right end of the run as one faces it
        $gaps = $isMirrored ? ['a' => 33.3, 'b' => 0.0, 'c' => 0.0] : ['b' => 33.3, 'f' => 0.0, 'd' => 0.0];
        foreach ($gaps as $id => $gap) {
            self::assertEqualsWithDelta($gap, self::number('fixture.run_gap', $kitchen, $id), 0.01, $id);
        }
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.run_gap', $kitchen, $isMirrored ? 'e' : 'a'));
        foreach (['a' => 0.0, 'f' => 0.0, 'd' => 40.0, 'e' => 40.0] as $id => $overlap) {
            self::assertEqualsWithDelta($overlap, self::number('fixture.run_overlap', $kitchen, $id), 0.01, $id);
        }
        self::assertEqualsWithDelta(40.0, self::number('fixture.to_cabinet', $kitchen, 'c'), 0.01);
    }

    /** What is set in a unit has no place of its own in the run. */
    public function test_a_sink_in_its_unit_is_in_nobodys_way(): void
    {
        $kitchen = DrawnKitchen::at([[[['a', 'base_cabinet', 0, 900], ['s', 'sink', 100, 800]], 'bottom']]);
        self::assertEqualsWithDelta(0.0, self::number('fixture.run_overlap', $kitchen, 'a'), 0.01);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.run_overlap', $kitchen, 's'));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_a_filler_beside_an_inner_corner(float $turn, bool $isMirrored): void
    {
        $kitchen = DrawnKitchen::at([
            [[['a', 'base_cabinet', 0, 2000], ['b', 'base_cabinet', 2000, 4000]], 'bottom'],
            [[['c', 'base_cabinet', 710, 1400], ['d', 'base_cabinet', 1400, 2000]], 'right'],
        ], $turn, $isMirrored);
        self::assertSame([RunCornerKind::Blind], self::corners($kitchen));
        self::assertEqualsWithDelta(60.0, self::number('fixture.corner_filler', $kitchen, 'c'), 0.01);
        foreach (['a', 'b', 'd'] as $id) {
            self::assertInstanceOf(NotApplicable::class, self::measure('fixture.corner_filler', $kitchen, $id), $id);
        }
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_what_stands_in_the_straight_ways(float $turn, bool $isMirrored): void
    {
        $walls = [
            [[['s', 'sink', 0, 800], ['r', 'refrigerator', 3200, 3900]], 'bottom'],
            [[['c', 'range', 1600, 2400]], 'top'],
        ];
        self::assertEqualsWithDelta(0.0, self::number('room.triangle_cut', DrawnKitchen::at($walls, $turn, $isMirrored), 'room'), 0.01);
        // an island from 1650 to 2300 and from 1000 to 3000: the line from the sink (400, 650) to the range (2000, 2350) leaves its corner
        $cut = DrawnKitchen::at([...$walls, [[['i', 'island', 1000, 3000]], 'middle']], $turn, $isMirrored);
        $from = new Segment(new Point(400, 650), new Point(2000, 2350));
        $to = new Segment(new Point(2000, 2350), new Point(3550, 650));
        $most = max(
            min(abs($from->leftOf(new Point(1000, 2300))), abs($from->leftOf(new Point(3000, 1650)))),
            min(abs($to->leftOf(new Point(3000, 2300))), abs($to->leftOf(new Point(1000, 1650)))),
        );
        self::assertEqualsWithDelta($most, self::number('room.triangle_cut', $cut, 'room'), 0.01);
    }

    /** Doors at both ends of a kitchen lead through between its two rows; both in one wall do not. */
    public function test_ways_through_the_triangle(): void
    {
        $kitchen = static fn(string $wall, float $at): Sketch => DrawnKitchen::at([
            [[['s', 'sink', 600, 1400], ['r', 'refrigerator', 2500, 3200]], 'bottom'], [[['c', 'range', 1600, 2400]], 'top'],
        ])->door('w4', 1600, 820)
            ->add('openings', ['id' => 'e', 'kind' => 'door', 'wall' => $wall, 'at' => $at, 'width' => 820, 'height' => 2040]);
        self::assertEqualsWithDelta(1.0, self::number('room.triangle_traffic', $kitchen('w2', 1600), 'room'), 0.01);
        self::assertEqualsWithDelta(0.0, self::number('room.triangle_traffic', $kitchen('w4', 2600), 'room'), 0.01);
        self::assertInstanceOf(NotApplicable::class, self::measure('room.triangle_traffic', DrawnKitchen::at([]), 'room'));
    }

    /** Oven and dishwasher around a corner: their doors meet unless they stand far enough from it. */
    #[TestWith([650.0, 1.0])]
    #[TestWith([1248.5, 1.0])]
    #[TestWith([1251.0, 0.0])]
    public function test_doors_of_appliances_that_meet(float $from, float $met): void
    {
        $kitchen = DrawnKitchen::at([
            [[['d', 'dishwasher', 2700, 3300]], 'bottom'], [[['o', 'oven', $from, $from + 600]], 'right'],
        ]);
        foreach ([['d', 600], ['o', 650]] as [$id, $swing]) {
            $kitchen = $kitchen->sized('fixtures', $id, ['door_swing' => $swing]);
        }
        self::assertEqualsWithDelta($met, self::number('fixture.door_clash', $kitchen, 'd'), 0.01);
        self::assertEqualsWithDelta($met, self::number('fixture.door_clash', $kitchen, 'o'), 0.01);
    }

    public function test_a_door_of_the_room_that_meets_the_door_of_an_oven(): void
    {
        $oven = ['door_swing' => 600];
        $kitchen = static fn(float $at): Sketch => Sketch::room(4000, 3000, 'kitchen')
            ->door('w4', $at, 820, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'])
            ->fixture('o', 'oven', 700, 0, 90, 600, 600, $oven);
        self::assertEqualsWithDelta(1.0, self::number('fixture.door_clash', $kitchen(2000), 'o'), 0.01);
        self::assertEqualsWithDelta(0.0, self::number('fixture.door_clash', $kitchen(700), 'o'), 0.01);
        $unsaid = Sketch::room(4000, 3000, 'kitchen')->fixture('o', 'oven', 700, 0, 90, 600, 600);
        self::assertUnknown(['o.door_swing'], self::measure('fixture.door_clash', $unsaid, 'o'));
    }

    /** Away from its hinges; at either side where nobody said, or where it has two leaves. In a mirror left is right. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_worktop_on_the_side_of_the_handle(float $turn, bool $isMirrored): void
    {
        $landing = static fn(?string $hinge): float => self::number(
            'fixture.landing',
            DrawnKitchen::at([[
                [['a', 'base_cabinet', 0, 900], ['r', 'refrigerator', 900, 1500], ['b', 'base_cabinet', 1500, 1800]], 'bottom',
            ]], $turn, $isMirrored)->sized('fixtures', 'r', $hinge === null ? [] : ['hinge' => $hinge]),
            'r',
            ['of' => 'handle'],
        );
        // what lies at the larger x is at the left as one faces it
        $sides = $isMirrored ? [900.0, 300.0] : [300.0, 900.0];
        self::assertEqualsWithDelta([$sides[1], $sides[0]], [$landing('left'), $landing('right')], 0.01);
        self::assertEqualsWithDelta([900.0, 900.0], [$landing('both'), $landing(null)], 0.01);
    }

    /** A worktop of 1800 under a wall unit of 600: what hangs 380 over it leaves 1200. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_worktop_under_what_hangs_low(float $turn, bool $isMirrored): void
    {
        $kitchen = static fn(float $base): Sketch => DrawnKitchen::at([
            [[['a', 'base_cabinet', 0, 1800], ['w', 'wall_cabinet', 600, 1200]], 'bottom'],
        ], $turn, $isMirrored)->sized('fixtures', 'w', ['depth' => 350, 'base' => $base]);
        $worktop = static fn(float $base): float => self::number(
            'room.worktop',
            $kitchen($base)->sized('fixtures', 'a', ['height' => 900]),
            'room',
            ['clear_above' => Amount::length(381.0)],
        );
        self::assertEqualsWithDelta([1200.0, 1800.0], [$worktop(1280.0), $worktop(1281.0)], 0.01);
        $unsaid = $kitchen(1280.0);
        self::assertUnknown(['a.height'], self::measure('room.worktop', $unsaid, 'room', ['clear_above' => Amount::length(381.0)]));
        self::assertEqualsWithDelta(1800.0, self::number('room.worktop', $unsaid, 'room'), 0.01, 'nobody asked how clear it is');
    }

    /** 250 to a tall unit at one side, 100 to a wall unit at the other, which counts where it hangs lower than 381 over it. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_what_stands_and_hangs_beside_what_is_cooked_on(float $turn, bool $isMirrored): void
    {
        $kitchen = static fn(): Sketch => DrawnKitchen::at([[[
            ['c', 'range', 1500, 2100], ['t', 'tall_cabinet', 2350, 2950], ['w', 'wall_cabinet', 800, 1400],
        ], 'bottom']], $turn, $isMirrored)->sized('fixtures', 'c', ['height' => 900])->sized('fixtures', 'w', ['depth' => 350]);
        $below = ['below' => Amount::length(381.0)];
        $beside = static fn(float $base): float => self::number(
            'fixture.beside_tall',
            $kitchen()->sized('fixtures', 'w', ['base' => $base]),
            'c',
            $below,
        );
        self::assertEqualsWithDelta([100.0, 250.0], [$beside(1280.0), $beside(1281.0)], 0.01);
        self::assertUnknown(['w.base'], self::measure('fixture.beside_tall', $kitchen(), 'c', $below));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_worktop_behind_a_cooktop_on_an_island(float $turn, bool $isMirrored): void
    {
        // two rows of units back to back, 650 deep each: the cooktop stands at the back of its row
        $island = DrawnKitchen::at([[[['i', 'island', 1000, 3000], ['c', 'cooktop', 1600, 2200]], 'middle']], $turn, $isMirrored);
        self::assertEqualsWithDelta(0.0, self::number('fixture.worktop_behind', $island, 'c'), 0.01);
        $wall = DrawnKitchen::at([[[['b', 'base_cabinet', 1000, 3000], ['c', 'cooktop', 1600, 2200]], 'bottom']], $turn, $isMirrored);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.worktop_behind', $wall, 'c'));
    }

    public function test_what_is_behind_a_cooktop_of_unknown_size(): void
    {
        foreach (['width', 'depth'] as $key) {
            $island = DrawnKitchen::at([[[['i', 'island', 1000, 3000]], 'middle']])->add('fixtures', array_diff_key(
                ['id' => 'c', 'kind' => 'cooktop', 'at' => [2000, 2300], 'facing' => 270, 'width' => 600, 'depth' => 500],
                [$key => true],
            ));
            self::assertUnknown(["c.{$key}"], self::measure('fixture.worktop_behind', $island, 'c'));
        }
    }

    /** A wall nearer than 12 in is what it stands at. */
    #[TestWith([304.7, true])]
    #[TestWith([304.8, false])]
    #[TestWith([304.9, false])]
    public function test_an_island_stands_off_the_wall(float $gap, bool $isAtWall): void
    {
        $island = Sketch::room(4000, 3000, 'kitchen')->fixture('i', 'island', 2000, 3000 - $gap, 270, 2000, 900)
            ->fixture('c', 'cooktop', 2000, 2800 - $gap, 270, 600, 520);
        $behind = self::measure('fixture.worktop_behind', $island, 'c');
        self::assertSame($isAtWall, $behind instanceof NotApplicable);
        self::assertEqualsWithDelta($isAtWall ? 0.0 : 200.0, $behind instanceof Measured ? $behind->amount()->number : 0.0, 0.01);
    }

    /** Behind it the island is cut back over a part of its width: the least counts, wherever that is. */
    public function test_the_least_worktop_behind(): void
    {
        $notch = [[-1000, 0], [-50, 0], [-50, 120], [50, 120], [50, 0], [1000, 0], [1000, 900], [-1000, 900]];
        $island = Sketch::room(4000, 5000, 'kitchen')->fixture('i', 'island', 2000, 2000, 90, 2000, 900, ['outline' => $notch])
            ->fixture('c', 'cooktop', 2000, 2300, 90, 600, 520);
        self::assertEqualsWithDelta(180.0, self::number('fixture.worktop_behind', $island, 'c'), 0.01);
    }

    /** What stands farther than 1 m away does not count. */
    #[TestWith([999.9, true])]
    #[TestWith([1000.0, true])]
    #[TestWith([1000.1, false])]
    public function test_what_is_far_from_a_cooktop_is_not_beside_it(float $away, bool $isBeside): void
    {
        $kitchen = Sketch::room(5000, 3000, 'kitchen')->fixture('c', 'range', 1000, 0, 90, 600, 650)
            ->fixture('t', 'tall_cabinet', 1300 + $away + 300, 0, 90, 600, 600);
        $measured = self::measure('fixture.beside_tall', $kitchen, 'c', ['below' => Amount::length(381.0)]);
        self::assertSame($isBeside, $measured instanceof Measured);
    }

    /** What stands farther than 2 in away is not beside it. */
    #[TestWith([50.9, true])]
    #[TestWith([51.0, true])]
    #[TestWith([51.1, false])]
    public function test_fronts_are_held_against_those_beside(float $gap, bool $isBeside): void
    {
        $kitchen = Sketch::room(4000, 3000, 'kitchen')->fixture('a', 'base_cabinet', 1000, 0, 90, 600, 600)
            ->fixture('b', 'base_cabinet', 1600 + $gap, 0, 90, 600, 620);
        self::assertSame($isBeside, self::measure('fixture.front_off', $kitchen, 'a') instanceof Measured);
    }

    /** A unit in a corner whose front reaches out by more than 50 mm more at one end is cut off. */
    #[TestWith([49.9, RunCornerKind::Blind])]
    #[TestWith([50.0, RunCornerKind::Blind])]
    #[TestWith([50.1, RunCornerKind::Diagonal])]
    public function test_how_far_a_front_is_cut_off(float $by, RunCornerKind $kind): void
    {
        $kitchen = DrawnKitchen::at([
            [[['a', 'base_cabinet', 1000, 3100], ['d', 'base_cabinet', 3100, 4000]], 'bottom'],
            [[['e', 'base_cabinet', 900, 2000]], 'right'],
        ])->sized('fixtures', 'd', [
            'depth' => 650 + $by,
            'outline' => [[-450, 0], [450, 0], [450, 650 + $by], [400, 650 + $by], [-450, 650]],
        ]);
        self::assertSame([$kind], self::corners($kitchen));
    }

    /** Of an island whose units are not drawn room for knees is as far as it was said to reach over them. */
    public function test_knees_under_an_island_whose_units_are_not_drawn(): void
    {
        $island = static fn(): Sketch => Sketch::room(4000, 5000, 'kitchen')
            ->fixture('i', 'island', 2000, 1500, 90, 2000, 900, ['height' => 910])
            ->fixture('p', 'chair', 2000, 2800, 270, 400, 400);
        self::assertUnknown(['i.overhang'], self::measure('fixture.knee_depth', $island(), 'i'));
        $said = $island()->sized('fixtures', 'i', ['overhang' => 380]);
        self::assertEqualsWithDelta(380.0, self::number('fixture.knee_depth', $said, 'i'), 0.01);
    }

    /** Nobody said how high a wall unit hangs, or how high a base unit is. */
    public function test_storage_of_unknown_heights(): void
    {
        $kitchen = Sketch::room(4000, 3000, 'kitchen')->fixture('b', 'base_cabinet', 1000, 0, 90, 600, 600)
            ->fixture('w', 'wall_cabinet', 1000, 0, 90, 600, 350, ['height' => 700]);
        $reach = ['from' => Amount::length(381.0), 'to' => Amount::length(1219.2)];
        self::assertUnknown(['b.height', 'w.base'], self::measure('room.storage_in_reach', $kitchen, 'r', $reach));
        self::assertInstanceOf(NotApplicable::class, self::measure('room.storage_in_reach', Sketch::room(4000, 3000), 'r', $reach));
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_fronts_nearly_in_line(float $turn, bool $isMirrored): void
    {
        $off = static fn(string $id, float $depth): float => self::number('fixture.front_off', DrawnKitchen::at([[[
            ['a', 'base_cabinet', 0, 600], ['b', 'base_cabinet', 600, 1200], ['c', 'base_cabinet', 1200, 1800],
        ], 'bottom']], $turn, $isMirrored)->sized('fixtures', 'b', ['depth' => $depth]), $id);
        self::assertEqualsWithDelta([20.0, 20.0, 20.0], [$off('a', 630.0), $off('b', 670.0), $off('c', 670.0)], 0.01);
        self::assertEqualsWithDelta([0.0, 0.0, 0.0], [$off('a', 650.0), $off('b', 650.4), $off('b', 690.0)], 0.01);
    }

    /** @param array<string, mixed> $said */
    #[TestWith([610.0, [], 610.0])]
    #[TestWith([610.1, [], 305.05])]
    #[TestWith([900.0, ['hinge' => 'left'], 900.0])]
    #[TestWith([500.0, ['hinge' => 'both'], 250.0])]
    #[TestWith([500.0, ['door_swing' => 480], 480.0])]
    public function test_how_wide_a_leaf_is(float $width, array $said, float $leaf): void
    {
        $cabinet = Sketch::room(4000, 3000, 'kitchen')->fixture('c', 'base_cabinet', 2000, 0, 90, $width, 600, $said);
        self::assertEqualsWithDelta($leaf, self::number('fixture.leaf_width', $cabinet, 'c'), 0.01);
    }

    /** A way around an island from the sink to the range: along its corners. */
    public function test_ways_go_around_what_stands_there(): void
    {
        $kitchen = DrawnKitchen::at([
            [[['s', 'sink', 1600, 2400], ['r', 'refrigerator', 3300, 4000]], 'bottom'],
            [[['i', 'island', 1000, 3000]], 'middle'],
            [[['c', 'range', 1600, 2400]], 'top'],
        ]);
        // from (2000, 650) to (2000, 2350) around (1000 or 3000, 1650 to 2300): up to the corner, along the side, and back
        $leg = hypot(1000, 1000) + 650 + hypot(1000, 50);
        self::assertEqualsWithDelta($leg, self::number('room.work_triangle', $kitchen, 'room', ['of' => 'longest']), 0.01);
    }

    /** Units stand side by side up to 12 in apart. */
    #[TestWith([304.0, 1])]
    #[TestWith([304.8, 1])]
    #[TestWith([305.0, 2])]
    public function test_where_a_run_ends(float $gap, int $runs): void
    {
        $kitchen = DrawnKitchen::at([[[['a', 'base_cabinet', 0, 600], ['b', 'base_cabinet', 600 + $gap, 1200 + $gap]], 'bottom']]);
        self::assertCount($runs, self::runs($kitchen));
    }

    /** A worktop less than 24 in deep is none; joints up to 3 mm do not part it. */
    #[TestWith([606.0, 0.0])]
    #[TestWith([606.6, 1200.0])]
    #[TestWith([610.0, 1200.0])]
    public function test_a_worktop_has_a_depth(float $depth, float $length): void
    {
        $kitchen = Sketch::room(4000, 3000, 'kitchen')->fixture('a', 'base_cabinet', 300, 0, 90, 600, $depth)
            ->fixture('b', 'base_cabinet', 902, 0, 90, 600, $depth);
        self::assertEqualsWithDelta($length === 0.0 ? 0.0 : 1202.0, self::number('room.worktop', $kitchen, 'r'), 0.01);
    }

    #[TestWith([750.0, 600.0, 0.0])]
    #[TestWith([600.0, 600.0, 0.0])]
    #[TestWith([599.0, 600.0, 1.0])]
    public function test_a_hood_over_a_cooktop(float $hood, float $cooktop, float $narrower): void
    {
        $kitchen = Sketch::room(4000, 3000, 'kitchen')->fixture('c', 'cooktop', 1000, 0, 90, $cooktop, 600)
            ->fixture('h', 'hood', 1012, 0, 90, $hood, 500, ['base' => 1700]);
        self::assertEqualsWithDelta($narrower, self::number('fixture.over_cooktop', $kitchen, 'h'), 0.01);
        self::assertEqualsWithDelta(12.0, self::number('fixture.over_cooktop', $kitchen, 'h', ['of' => 'centre']), 0.01);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.over_cooktop', $kitchen, 'c'));
    }

    public function test_a_wall_unit_over_a_worktop(): void
    {
        $said = Sketch::room(4000, 3000, 'kitchen')->fixture('b', 'base_cabinet', 1000, 0, 90, 600, 600, ['height' => 900])
            ->fixture('w', 'wall_cabinet', 1000, 0, 90, 600, 350, ['base' => 1370, 'height' => 700]);
        self::assertEqualsWithDelta(470.0, self::number('fixture.over_worktop', $said, 'w'), 0.01);
        $unsaid = Sketch::room(4000, 3000, 'kitchen')->fixture('b', 'base_cabinet', 1000, 0, 90, 600, 600)
            ->fixture('w', 'wall_cabinet', 1000, 0, 90, 600, 350, ['height' => 700]);
        self::assertUnknown(['w.base', 'b.height'], self::measure('fixture.over_worktop', $unsaid, 'w'));
        $alone = Sketch::room(4000, 3000, 'kitchen')->fixture('w', 'wall_cabinet', 1000, 0, 90, 600, 350, ['base' => 1370]);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.over_worktop', $alone, 'w'));
    }

    public function test_a_worktop_across_the_aisle(): void
    {
        $kitchen = DrawnKitchen::at([
            [[['r', 'refrigerator', 1500, 2200]], 'bottom'], [[['i', 'island', 1000, 3000]], 'middle'],
        ]);
        self::assertEqualsWithDelta(1000.0, self::number('fixture.across', $kitchen, 'r'), 0.01);
        $aside = DrawnKitchen::at([[[['r', 'refrigerator', 0, 700]], 'bottom'], [[['i', 'island', 1000, 3000]], 'middle']]);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.across', $aside, 'r'));
    }

    public function test_what_has_no_size_is_asked_for(): void
    {
        $kitchen = Sketch::room(4000, 3000, 'kitchen')->add('fixtures', ['id' => 's', 'kind' => 'sink', 'at' => [1000, 0], 'facing' => 90]);
        self::assertUnknown(['s.width'], self::measure('fixture.landing', $kitchen, 's'));
        self::assertUnknown(['s.width'], self::measure('fixture.to_corner', $kitchen, 's'));
        self::assertInstanceOf(NotApplicable::class, self::measure('room.work_triangle', $kitchen, 'r'));
        self::assertInstanceOf(NotApplicable::class, self::measure('room.worktop', $kitchen, 'r'));
    }

    /** Fronts of both legs begin beside the corner: nothing reaches into it. */
    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_an_open_corner(float $turn, bool $isMirrored): void
    {
        $kitchen = DrawnKitchen::at([
            [[['a', 'base_cabinet', 1000, 3350], ['t', 'counter', 1000, 4000]], 'bottom'], [[['b', 'base_cabinet', 650, 2000]], 'right'],
        ], $turn, $isMirrored);
        self::assertSame([RunCornerKind::Open], self::corners($kitchen));
    }

    /** @return list<RunCornerKind> of the first run */
    private static function corners(Sketch $kitchen): array
    {
        return array_map(static fn(RunCorner $one): RunCornerKind => $one->kind(), self::runs($kitchen)[0]->corners);
    }

    /** @return list<Run> */
    private static function runs(Sketch $kitchen): array
    {
        $home = new Home($kitchen->layout());

        return Runs::of($home->rooms[0], $home);
    }

    /** @return list<float> the longer one first */
    private static function landings(Sketch $kitchen, string $id): array
    {
        return [
            self::number('fixture.landing', $kitchen, $id, ['of' => 'longer']),
            self::number('fixture.landing', $kitchen, $id, ['of' => 'shorter']),
        ];
    }
}
