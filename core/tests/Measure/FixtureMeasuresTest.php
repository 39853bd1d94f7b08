<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Tests\Sketch;

final class FixtureMeasuresTest extends MeasureTestCase
{
    public function test_side_clearance_runs_from_the_centre_line_to_the_nearer_wall(): void
    {
        self::assertEqualsWithDelta(400.0, self::number('fixture.side_clearance', self::toilet(400), 'f'), 1e-6);
        self::assertEqualsWithDelta(700.0, self::number('fixture.side_clearance', self::toilet(1300), 'f'), 1e-6);
    }

    public function test_side_clearance_is_the_same_whichever_way_it_faces(): void
    {
        // a 2000 x 1500 room; against each wall in turn, 400 from a corner
        foreach ([[400, 0, 90], [2000, 400, 180], [400, 1500, 270], [0, 400, 0]] as [$x, $y, $facing]) {
            $room = Sketch::room(2000, 1500, 'wc')->fixture('f', 'water_closet', $x, $y, $facing, 400, 700);
            self::assertEqualsWithDelta(400.0, self::number('fixture.side_clearance', $room, 'f'), 1e-6, "facing {$facing}");
        }
    }

    public function test_a_neighbour_beside_its_depth_decides(): void
    {
        $beside = self::toilet(1000)->fixture('g', 'lavatory', 1500, 0, 90, 400, 400);
        self::assertEqualsWithDelta(300.0, self::number('fixture.side_clearance', $beside, 'f'), 1e-6);
        $ahead = self::toilet(1000)->fixture('g', 'lavatory', 1500, 1500, 270, 400, 799);
        self::assertEqualsWithDelta(1000.0, self::number('fixture.side_clearance', $ahead, 'f'), 1e-6);
        $reaching = self::toilet(1000)->fixture('g', 'lavatory', 1500, 1500, 270, 400, 801);
        self::assertEqualsWithDelta(300.0, self::number('fixture.side_clearance', $reaching, 'f'), 1e-6);
    }

    public function test_what_hangs_above_is_no_neighbour(): void
    {
        $room = self::toilet(1000)->fixture('g', 'wall_cabinet', 1000, 0, 90, 600, 200, ['base' => 1400]);
        $measurement = self::measure('fixture.side_clearance', $room, 'f');
        self::assertInstanceOf(Measured::class, $measurement);
        self::assertEqualsWithDelta(1000.0, $measurement->amount()->number, 1e-6);
        self::assertSame(['f taken as 900 mm high, so that g hangs above it.'], $measurement->assumptions);
    }

    public function test_grab_bars_and_removed_things_are_in_nobodys_way(): void
    {
        $room = self::toilet(400)->fixture('g', 'grab_bar', 30, 300, 0, 600, 60, ['base' => 850])
            ->fixture('h', 'lavatory', 900, 0, 90, 400, 400, ['status' => 'removed']);
        self::assertEqualsWithDelta(400.0, self::number('fixture.side_clearance', $room, 'f'), 1e-6);
    }

    public function test_a_basin_is_not_hemmed_in_by_its_own_counter(): void
    {
        $room = Sketch::room(2000, 1500, 'bathroom')->fixture('c', 'counter', 1000, 0, 90, 1200, 550)->fixture('f', 'lavatory', 1000, 40, 90, 500, 400);
        self::assertEqualsWithDelta(1000.0, self::number('fixture.side_clearance', $room, 'f'), 1e-6);
        self::assertEqualsWithDelta(1500.0 - 440, self::number('fixture.front_clearance', $room, 'f'), 1e-6);
    }

    public function test_front_clearance_to_the_wall_or_a_fixture(): void
    {
        self::assertEqualsWithDelta(800.0, self::number('fixture.front_clearance', self::toilet(1000), 'f'), 1e-6);
        $opposite = self::toilet(1000)->fixture('g', 'lavatory', 1190, 1500, 270, 400, 300);
        self::assertEqualsWithDelta(500.0, self::number('fixture.front_clearance', $opposite, 'f'), 1e-6, 'an overlap of 10 mm is enough');
        $beside = self::toilet(1000)->fixture('g', 'lavatory', 1400, 1500, 270, 400, 300);
        self::assertEqualsWithDelta(800.0, self::number('fixture.front_clearance', $beside, 'f'), 1e-6, 'side by side does not meet');
    }

    public function test_front_clearance_at_a_slant(): void
    {
        // turned 45 degrees in the middle of a wide room: its left front corner meets the wall y = 3000 first.
        // That corner stands at (2000, 1000) + 700 (cos 45, sin 45) + 200 (−sin 45, cos 45), so y = 1000 + 900 sin 45,
        // and the way along the facing to y = 3000 is (2000 − 900 sin 45) / sin 45
        $room = Sketch::room(6000, 3000)->fixture('f', 'lavatory', 2000, 1000, 45, 400, 700);
        self::assertEqualsWithDelta((2000 - 900 * sin(M_PI_4)) / sin(M_PI_4), self::number('fixture.front_clearance', $room, 'f'), 0.1);
    }

    public function test_a_closed_door_stops_it_and_a_gap_does_not(): void
    {
        $rooms = Sketch::room(2000, 4000, 'wc')->wall([-100, 1550], [2100, 1550], 100)->use('b', 'hall', 1000, 3000)
            ->with(['rooms' => [['id' => 'r', 'use' => 'wc', 'at' => [1000, 800]], ['id' => 'b', 'use' => 'hall', 'at' => [1000, 3000]]]])
            ->fixture('f', 'water_closet', 1000, 0, 90, 400, 700);
        $behindDoor = clone $rooms;
        self::assertEqualsWithDelta(800.0, self::number('fixture.front_clearance', $behindDoor->door('w5', 1100, 900, ['operation' => 'hinged']), 'f'), 1e-6);
        $behindGap = $rooms->add('openings', ['id' => 'g', 'kind' => 'gap', 'wall' => 'w5', 'at' => 1100, 'width' => 900]);
        self::assertEqualsWithDelta(3300.0, self::number('fixture.front_clearance', $behindGap, 'f'), 1e-6);
    }

    public function test_a_divider_stops_nothing(): void
    {
        $room = self::toilet(1000)->wall([-100, 1000], [2100, 1000], 0, 'divider');
        self::assertEqualsWithDelta(800.0, self::number('fixture.front_clearance', $room, 'f'), 1e-6);
    }

    public function test_standing_in_each_other_leaves_nothing(): void
    {
        $room = self::toilet(1000)->fixture('g', 'bath', 1000, 400, 90, 700, 900);
        self::assertSame(0.0, self::number('fixture.front_clearance', $room, 'f'));
        self::assertSame(0.0, self::number('fixture.side_clearance', $room, 'f'));
    }

    public function test_what_is_lacking(): void
    {
        $room = Sketch::room(2000, 1500, 'wc')->add('fixtures', ['id' => 'f', 'kind' => 'water_closet', 'at' => [1000, 0], 'facing' => 90]);
        self::assertUnknown(['f.depth'], self::measure('fixture.side_clearance', $room, 'f'));
        self::assertUnknown(['f.width', 'f.depth'], self::measure('fixture.front_clearance', $room, 'f'));
    }

    /** A water closet 400 x 700 against the lower wall of a 2000 x 1500 room, its centre line at x. */
    private static function toilet(float $x): Sketch
    {
        return Sketch::room(2000, 1500, 'wc')->fixture('f', 'water_closet', $x, 0, 90, 400, 700);
    }
}
