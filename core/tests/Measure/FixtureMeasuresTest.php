<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

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
        self::assertSame(
            ['Water closet WC1 in R is taken as 900 mm high, so that the wall cabinet K1 in R hangs above it.'],
            Said::all($measurement->assumptions),
        );
    }

    public function test_grab_bars_and_removed_things_are_in_nobodys_way(): void
    {
        $room = self::toilet(400)->fixture('g', 'grab_bar', 30, 300, 0, 600, 60, ['base' => 850])
            ->fixture('h', 'lavatory', 900, 0, 90, 400, 400, ['status' => 'removed']);
        self::assertEqualsWithDelta(400.0, self::number('fixture.side_clearance', $room, 'f'), 1e-6);
    }

    public function test_a_basin_is_not_hemmed_in_by_its_own_counter(): void
    {
        $room = Sketch::room(2000, 1500, 'bathroom')->fixture('c', 'counter', 1000, 0, 90, 1200, 550)->fixture(
            'f',
            'lavatory',
            1000,
            40,
            90,
            500,
            400,
        );
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
        self::assertEqualsWithDelta(
            800.0,
            self::number('fixture.front_clearance', $behindDoor->door('w5', 1100, 900, ['operation' => 'hinged']), 'f'),
            1e-6,
        );
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
    public function test_the_next_fixture_on_the_same_wall(): void
    {
        $two = self::toilet(600)->fixture('g', 'lavatory', 1400, 0, 90, 500, 400);
        self::assertEqualsWithDelta(800.0, self::number('fixture.center_spacing', $two, 'f'), 0.01);
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure('fixture.center_spacing', self::toilet(600)->fixture('g', 'lavatory', 1400, 1500, 270, 500, 400), 'f'),
            'on the wall opposite',
        );
    }

    public function test_the_gap_from_edge_to_edge_on_either_side(): void
    {
        $bed = Sketch::room(3000, 3000)->fixture('f', 'bed', 1300, 0, 90, 1400, 1900);
        self::assertEqualsWithDelta(600.0, self::number('fixture.edge_gap', $bed, 'f'), 0.01);
        self::assertEqualsWithDelta(1000.0, self::number('fixture.edge_gap', $bed, 'f', ['side' => 'farther']), 0.01);
        self::assertEqualsWithDelta(
            50.0,
            self::number('fixture.edge_gap', $bed->fixture('g', 'nightstand', 350, 0, 90, 400, 400), 'f', ['side' => 'nearer']),
            0.01,
            'the nightstand beside it is nearer still',
        );
    }

    public function test_from_the_centre_line_to_the_side_wall(): void
    {
        $room = self::toilet(450)->fixture('g', 'lavatory', 100, 0, 90, 200, 300);
        self::assertEqualsWithDelta(450.0, self::number('fixture.to_wall', $room, 'f'), 0.01, 'whatever stands between');
    }

    public function test_the_inside_of_a_shower(): void
    {
        $free = Sketch::room(3000, 3000, 'bathroom')->fixture('f', 'shower', 500, 0, 90, 900, 800);
        self::assertEqualsWithDelta(750.0, self::number('fixture.inside_least', $free, 'f'), 0.01);
        self::assertEqualsWithDelta(0.85 * 0.75, self::number('fixture.inside_area', $free, 'f'), 1e-6);
        $built = Sketch::room(900, 3000, 'bathroom')->fixture('f', 'shower', 450, 0, 90, 900, 800);
        self::assertEqualsWithDelta(800.0, self::number('fixture.inside_least', $built, 'f'), 0.01, 'built between walls it has no shell');
    }

    public function test_a_clear_zone_before_a_fixture(): void
    {
        $with = ['width' => Amount::length(762), 'depth' => Amount::length(1219.2)];
        $free = static fn(): Sketch => Sketch::room(2000, 2000, 'bathroom')->fixture('f', 'lavatory', 1000, 0, 90, 500, 400);
        self::assertEqualsWithDelta(1.0, self::number('fixture.clear_zone', $free(), 'f', $with), 1e-6);
        $short = Sketch::room(2000, 1400, 'bathroom')->fixture('f', 'lavatory', 1000, 0, 90, 500, 400);
        self::assertEqualsWithDelta(
            1000 / 1219.2,
            self::number('fixture.clear_zone', $short, 'f', $with),
            1e-6,
            'what lies behind the wall is not free',
        );
        $taken = $free()->fixture('g', 'water_closet', 2000, 1000, 180, 400, 1000);
        // the other reaches to x = 1000, over 400 of the zone's depth: 381 x 400 are gone
        self::assertEqualsWithDelta(1 - 381 * 400 / (762 * 1219.2), self::number('fixture.clear_zone', $taken, 'f', $with), 1e-6);
        self::assertEqualsWithDelta(
            1.0,
            self::number('fixture.clear_zone', $free(), 'f', ['depth' => Amount::length(762)]),
            1e-6,
            'as wide as itself',
        );
    }

    public function test_a_clear_zone_from_the_corner(): void
    {
        $with = ['width' => Amount::length(1524), 'depth' => Amount::length(1422.4), 'anchor' => 'corner'];
        $free = static fn(): Sketch => Sketch::room(2500, 2500, 'bathroom')->fixture('f', 'water_closet', 430, 0, 90, 400, 700);
        self::assertEqualsWithDelta(1.0, self::number('fixture.clear_zone', $free(), 'f', $with), 1e-6);
        $basin = $free()->fixture('g', 'lavatory', 1200, 0, 90, 500, 400);
        self::assertEqualsWithDelta(1 - 500 * 400 / (1524 * 1422.4), self::number('fixture.clear_zone', $basin, 'f', $with), 1e-6);
        self::assertEqualsWithDelta(
            1.0,
            self::number('fixture.clear_zone', $basin, 'f', [...$with, 'besides' => 'lavatory']),
            1e-6,
            'from 950, that is 520 off the centre line',
        );
        $near = $free()->fixture('g', 'lavatory', 1130, 0, 90, 500, 400);
        self::assertLessThan(
            1.0,
            self::number('fixture.clear_zone', $near, 'f', [...$with, 'besides' => 'lavatory']),
            'from 880, that is 450 off it',
        );
    }

    public function test_what_hangs_over_a_cooktop(): void
    {
        $hob = Sketch::room(3000, 3000, 'kitchen')->fixture('f', 'range', 1000, 0, 90, 760, 640, ['height' => 915]);
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.clear_above', $hob, 'f'));
        self::assertEqualsWithDelta(
            685.0,
            self::number('fixture.clear_above', $hob->fixture('h', 'hood', 1000, 0, 90, 760, 500, ['base' => 1600]), 'f'),
            0.01,
        );
    }

    public function test_the_main_bedroom_is_the_largest(): void
    {
        $rooms = (new Sketch())->chain([[-100, -100], [7100, -100], [7100, 3100], [-100, 3100]])->wall([4050, -100], [4050, 3100])
            ->use('a', 'bedroom', 2000, 1500)->use('b', 'bedroom', 5500, 1500)
            ->fixture('f', 'bed', 2000, 0, 90, 1400, 1900)->fixture('g', 'bed', 5500, 0, 90, 900, 1900);
        self::assertTrue(self::value('fixture.in_main_bedroom', $rooms, 'f'));
        self::assertFalse(self::value('fixture.in_main_bedroom', $rooms, 'g'));
    }

    private static function toilet(float $x): Sketch
    {
        return Sketch::room(2000, 1500, 'wc')->fixture('f', 'water_closet', $x, 0, 90, 400, 700);
    }
}
