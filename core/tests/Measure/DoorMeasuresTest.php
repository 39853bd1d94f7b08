<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;

/** Floors before doors, walls beside them, and what their leaves meet. */
final class DoorMeasuresTest extends MeasureTestCase
{
    /**
     * A room of 3000 x 2500 above a hall of 3000 x 1200; the wall between runs from left to right, 100 thick. The door of 900 has
     * its edges at 1000 and 1900 from the left faces and its hinge on the left.
     *
     * @param array<string, mixed> $more
     */
    private static function rooms(array $more = []): Sketch
    {
        return (new Sketch())->chain([[-100, -1400], [3100, -1400], [3100, 2600], [-100, 2600]])->wall([-100, -50], [3100, -50])
            ->use('r', 'bedroom', 1500, 1200)->use('h', 'hall', 1500, -700)
            ->door('w5', 1550, 900, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left', ...$more]);
    }

    public function test_the_floor_before_an_unhindered_door_is_free(): void
    {
        self::assertEqualsWithDelta(
            1524.0,
            self::number(
                'door.approach',
                self::rooms(),
                'd',
                ['side' => 'pull', 'reach' => Amount::length(1524), 'beyond_latch' => Amount::length(457.2)],
            ),
            0.01,
        );
        self::assertEqualsWithDelta(
            1200.0,
            self::number('door.approach', self::rooms(), 'd', ['side' => 'push', 'reach' => Amount::length(1524)]),
            0.01,
            'the hall is 1200 wide',
        );
    }

    public function test_something_before_the_door_ends_the_floor(): void
    {
        $bed = self::rooms()->fixture('b', 'bed', 1500, 2500, 270, 1400, 1500);
        self::assertEqualsWithDelta(
            1000.0,
            self::number('door.approach', $bed, 'd', ['side' => 'pull', 'reach' => Amount::length(1524)]),
            0.01,
        );
    }

    /** @return iterable<string, array{float, float}> where the wardrobe's near side stands, and the free depth */
    public static function wardrobes(): iterable
    {
        yield 'just within 457 of the latch edge' => [2350, 0];
        yield 'just beyond it' => [2357.3, 1524];
    }

    #[DataProvider('wardrobes')]
    public function test_what_stands_beside_the_latch(float $x, float $depth): void
    {
        $room = self::rooms()->fixture('c', 'wardrobe', $x + 200, 0, 90, 400, 600);
        self::assertEqualsWithDelta(
            $depth,
            self::number(
                'door.approach',
                $room,
                'd',
                ['side' => 'pull', 'reach' => Amount::length(1524), 'beyond_latch' => Amount::length(457.2)],
            ),
            0.01,
        );
        self::assertEqualsWithDelta(
            1524.0,
            self::number(
                'door.approach',
                $room,
                'd',
                ['side' => 'pull', 'reach' => Amount::length(1524), 'beyond_hinge' => Amount::length(900)],
            ),
            0.01,
            'the hinge side is free',
        );
    }

    public function test_the_latch_lies_away_from_the_hinge_whichever_way_the_wall_runs(): void
    {
        $room = self::rooms(['hinge' => 'to'])->fixture('c', 'wardrobe', 2300, 0, 90, 400, 600);
        self::assertEqualsWithDelta(1000.0, self::number('door.latch_nib', $room, 'd'), 0.01, 'to the left wall');
        self::assertEqualsWithDelta(
            200.0,
            self::number('door.latch_nib', self::rooms()->fixture('c', 'wardrobe', 2300, 0, 90, 400, 600), 'd'),
            0.01,
            'from 1900 to 2100',
        );
        self::assertEqualsWithDelta(1100.0, self::number('door.latch_nib', self::rooms(), 'd'), 0.01, 'to the right wall');
    }

    public function test_a_nib_has_to_be_free_as_far_as_asked(): void
    {
        $room = self::rooms()->fixture('c', 'wardrobe', 2500, 700, 90, 600, 600);
        self::assertEqualsWithDelta(1100.0, self::number('door.latch_nib', $room, 'd'), 0.01);
        self::assertEqualsWithDelta(300.0, self::number('door.latch_nib', $room, 'd', ['depth' => Amount::length(1200)]), 0.01);
    }

    public function test_an_unknown_side_leaves_it_open(): void
    {
        $blind = (new Sketch())->chain([[-100, -1400], [3100, -1400], [3100, 2600], [-100, 2600]])->wall([-100, -50], [3100, -50])
            ->use('r', 'bedroom', 1500, 1200)->use('h', 'hall', 1500, -700)->door('w5', 1550, 900, ['operation' => 'hinged']);
        self::assertUnknown(['d.opens'], self::measure('door.approach', $blind, 'd', ['side' => 'pull']));
        self::assertUnknown(['d.opens'], self::measure('door.swings_into', $blind, 'd'));
    }

    public function test_landings_inside_and_outside(): void
    {
        $house = Sketch::room(3000, 3000, 'entry')->door(
            'w1',
            1600,
            900,
            ['exterior_level' => -40, 'threshold' => 20],
        )->fixture('c', 'wardrobe', 1500, 800, 90, 600, 600);
        self::assertEqualsWithDelta(800.0, self::number('door.landing', $house, 'd', ['side' => 'inside']), 0.01);
        self::assertEqualsWithDelta(1600.0, self::number('door.landing', $house, 'd', ['side' => 'outside']), 0.01, 'as far as one looks');
        self::assertEqualsWithDelta(60.0, self::number('door.step_down', $house, 'd'), 0.01);
        self::assertEqualsWithDelta(0.0, self::number('door.step_down', Sketch::room(3000, 3000)->door('w1', 1600, 900), 'd'), 0.01);
    }

    public function test_two_doors_in_a_row(): void
    {
        // a lobby 2400 deep between two doors straight opposite; the inner one swings into it
        $lobby = (new Sketch())->chain([[-100, -100], [2100, -100], [2100, 5000], [-100, 5000]])->wall([-100, 2450], [2100, 2450])
            ->use('l', 'entry', 1000, 1000)->use('k', 'hall', 1000, 4000)
            ->door('w1', 1100, 900, ['id' => 'front', 'operation' => 'hinged', 'hinge' => 'from', 'opens' => 'right'])
            ->door('w5', 1100, 800, ['id' => 'inner', 'operation' => 'hinged', 'hinge' => 'from', 'opens' => 'right']);
        self::assertEqualsWithDelta(2400.0 - 800, self::number('door.series_space', $lobby, 'front'), 0.01);
        self::assertInstanceOf(NotApplicable::class, self::measure('door.series_space', self::rooms(), 'd'));
    }

    /** Doors farther apart than 3 m do not follow one another, however the lobby is turned. */
    public function test_two_doors_in_a_row_are_near_each_other(): void
    {
        foreach ([0.0, 90.0, 33.0, -12.5, 181.0] as $turn) {
            foreach ([[2999.9, true], [3000.0, true], [3000.1, false]] as [$deep, $isNear]) {
                $lobby = (new Sketch())->chain([[-100, -100], [2100, -100], [2100, $deep + 2550], [-100, $deep + 2550]])
                    ->wall([-100, $deep + 50], [2100, $deep + 50])
                    ->use('l', 'entry', 1000, 1000)
                    ->use('k', 'hall', 1000, $deep + 1500)
                    ->door('w1', 1100, 900, ['id' => 'front', 'operation' => 'hinged'])
                    ->door('w5', 1100, 800, ['id' => 'inner', 'operation' => 'hinged']);
                $space = self::measure('door.series_space', self::redrawn($lobby, $turn), 'front');
                self::assertSame($isNear, $space instanceof Measured, "{$deep} mm, {$turn} degrees");
            }
        }
    }

    /** One walks straight through both only where they overlap. */
    public function test_two_doors_in_a_row_stand_before_each_other(): void
    {
        foreach ([[0.0, true], [849.0, true], [-849.0, true], [851.0, false], [-851.0, false]] as [$aside, $isBefore]) {
            $lobby = (new Sketch())->chain([[-100, -100], [4100, -100], [4100, 5000], [-100, 5000]])->wall([-100, 2450], [4100, 2450])
                ->use('l', 'entry', 1000, 1000)->use('k', 'hall', 1000, 4000)
                ->door('w1', 2100, 900, ['id' => 'front', 'operation' => 'hinged'])
                ->door('w5', 2100 + $aside, 800, ['id' => 'inner', 'operation' => 'hinged']);
            self::assertSame($isBefore, self::measure('door.series_space', $lobby, 'front') instanceof Measured, "{$aside} mm");
        }
    }

    public function test_how_one_comes_up_to_a_door_off_a_hall(): void
    {
        self::assertSame('side_on', self::value('door.hall_approach', self::rooms(), 'd'));
        self::assertEqualsWithDelta(1200.0, self::number('door.hall_width', self::rooms(), 'd'), 0.01);
        $end = Sketch::room(4000, 1000, 'hall')->door('w2', 600, 800);
        self::assertSame('head_on', self::value('door.hall_approach', $end, 'd'));
        self::assertSame('none', self::value('door.hall_approach', Sketch::room(3000, 3000)->door('w1', 1600, 900), 'd'));
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure('door.hall_width', Sketch::room(3000, 3000)->door('w1', 1600, 900), 'd'),
        );
    }

    public function test_what_the_leaf_swings_into_and_what_the_door_joins(): void
    {
        self::assertSame('bedroom', self::value('door.swings_into', self::rooms(), 'd'));
        self::assertSame('hall', self::value('door.swings_into', self::rooms(['opens' => 'right']), 'd'));
        self::assertSame('none', self::value('door.swings_into', self::rooms(['operation' => 'sliding']), 'd'));
        self::assertSame('bedroom/hall', self::value('door.leads', self::rooms(), 'd'));
        self::assertSame('bedroom/outside', self::value('door.leads', Sketch::room(3000, 3000)->door('w1', 1600, 900), 'd'));
        self::assertSame(
            'outside',
            self::value(
                'door.swings_into',
                Sketch::room(3000, 3000)->door('w1', 1600, 900, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'right']),
                'd',
            ),
        );
    }

    public function test_the_leaf_meets_fixtures_leaves_and_stairs(): void
    {
        self::assertEqualsWithDelta(0.0, self::number('door.swing_hits', self::rooms(), 'd'), 0.0);
        self::assertEqualsWithDelta(
            1.0,
            self::number('door.swing_hits', self::rooms()->fixture('c', 'wardrobe', 1300, 500, 90, 600, 600), 'd'),
            0.0,
        );
        $second = self::rooms()->door('w5', 2500, 800, ['id' => 'e', 'operation' => 'hinged', 'hinge' => 'to', 'opens' => 'left']);
        self::assertEqualsWithDelta(
            0.0,
            self::number('door.swing_hits', $second, 'd'),
            0.0,
            'edges 1900 and 2100, hinges far apart: the leaves meet only where both reach the middle',
        );
        $facing = self::rooms(['hinge' => 'to'])->door(
            'w5',
            2500,
            800,
            ['id' => 'e', 'operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'],
        );
        self::assertEqualsWithDelta(
            0.0,
            self::number('door.swing_hits', $facing, 'd'),
            0.0,
            'side by side, hinge to hinge, they swing apart',
        );
        $crossing = self::rooms()->door('w4', 2300, 900, ['id' => 'e', 'operation' => 'hinged', 'hinge' => 'to', 'opens' => 'left']);
        self::assertEqualsWithDelta(0.0, self::number('door.swing_hits', $crossing, 'd'), 0.0);
        $stair = self::rooms()->stair(['start' => [1400, 400], 'width' => 900, 'parts' => [['flight' => ['risers' => 5, 'tread' => 250]]]]);
        self::assertEqualsWithDelta(1.0, self::number('door.swing_hits', $stair, 'd'), 0.0);
    }

    public function test_the_leaf_over_the_floor_of_a_fixture(): void
    {
        $with = ['width' => Amount::length(762), 'depth' => Amount::length(1219.2)];
        $swept = self::rooms()->fixture('t', 'water_closet', 1400, 2500, 270, 400, 700);
        self::assertEqualsWithDelta(
            1.0,
            self::number('door.sweeps_floor_of', $swept, 'd', $with),
            0.0,
            'its floor begins at 1800 and ends at 581, the leaf reaches 900',
        );
        $aside = self::rooms()->fixture('t', 'water_closet', 2700, 2500, 270, 400, 700);
        self::assertEqualsWithDelta(0.0, self::number('door.sweeps_floor_of', $aside, 'd', $with), 0.0);
    }

    public function test_from_the_doorway_to_the_pan(): void
    {
        $room = self::rooms()->fixture('t', 'water_closet', 1450, 2500, 270, 400, 700);
        self::assertEqualsWithDelta(1800.0, self::number('door.to_water_closet', $room, 'd'), 0.01);
        self::assertInstanceOf(NotApplicable::class, self::measure('door.to_water_closet', self::rooms(), 'd'));
    }

    public function test_a_door_deep_in_its_wall(): void
    {
        // 100 of wall less a leaf of 35 on the push side, nothing else
        self::assertEqualsWithDelta(65.0, self::number('door.recess', self::rooms(), 'd'), 0.01);
        self::assertEqualsWithDelta(60.0, self::number('door.recess', self::rooms(['leaf_thickness' => 40]), 'd'), 0.01);
        self::assertEqualsWithDelta(
            600.0,
            self::number('door.recess', self::rooms()->fixture('c', 'wardrobe', 2200, 0, 90, 400, 600), 'd'),
            0.01,
        );
    }
}
