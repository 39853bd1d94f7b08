<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\LayoutReader;
use Heurema\Measure\Measured;
use Heurema\Spatial\Home;
use Heurema\Tests\Proof\Redrawn;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

/** What touches within the tolerance touches, whichever wall it stands at and however the home is turned. */
final class HairlinesTest extends MeasureTestCase
{
    private const HAIRLINES = [-0.05, -0.005, 0.0, 0.005, 0.05];

    /** Where fixtures stand against the four walls of a room of 4000 x 3000: at, facing, and the way into the wall. */
    private const WALLS = [[[2000, 0], 90, [0, -1]], [[4000, 1500], 180, [1, 0]], [[2000, 3000], 270, [0, 1]], [[0, 1500], 0, [-1, 0]]];

    public function test_a_thing_a_hairline_in_its_wall_stands_at_it(): void
    {
        foreach (self::WALLS as [$at, $facing, $out]) {
            foreach (self::HAIRLINES as $in) {
                $room = Sketch::room(4000, 3000)->fixture(
                    'f',
                    'wardrobe',
                    $at[0] + $out[0] * $in,
                    $at[1] + $out[1] * $in,
                    $facing,
                    1000,
                    600,
                );
                self::assertEqualsWithDelta(0.0, self::number('fixture.in_wall', $room, 'f'), 0.06, "facing {$facing}");
                self::assertEqualsWithDelta(0.0, self::number('fixture.back_gap', $room, 'f'), 0.06);
                self::assertEqualsWithDelta(
                    $facing % 180 === 0 ? 3400.0 : 2400.0,
                    self::number('fixture.front_clearance', $room, 'f'),
                    0.06,
                );
            }
        }
    }

    public function test_a_bath_a_hairline_in_both_walls_of_its_corner_is_in_neither(): void
    {
        foreach ([0.005, 0.04] as $in) {
            $room = Sketch::room(1700, 3000, 'bathroom')->fixture('f', 'bath', 850 - $in, -$in, 90, 1700, 760);
            self::assertLessThanOrEqual(0.1, self::number('fixture.in_wall', $room, 'f'));
        }
    }

    public function test_a_front_that_begins_in_a_wall_has_nothing_before_it(): void
    {
        // 600 deep, its back so far in the room that 1 to 100 mm of it are in the wall opposite
        foreach ([1.0, 50.0, 100.0, 199.0] as $in) {
            $room = Sketch::room(4000, 3000)->fixture('f', 'wardrobe', 2000, 3000 - 600 + $in, 90, 1000, 600);
            self::assertEqualsWithDelta(0.0, self::number('fixture.front_clearance', $room, 'f'), 1e-6);
        }
    }

    public function test_a_floor_opening_a_hairline_narrower_than_its_stair_lets_it_pass(): void
    {
        foreach ([0.0, 0.005, 0.02, 0.049] as $narrower) {
            $stairwell = HeadroomTest::stairwell(void: [1550 + $narrower, 1000, 2450 - $narrower, 4500]);
            self::assertGreaterThan(1900.0, self::number('stair.headroom', $stairwell, 's'), "narrower by {$narrower} on each side");
        }
        self::assertSame(
            0.0,
            self::number('stair.headroom', HeadroomTest::stairwell(void: [1600, 1000, 2450, 4500]), 's'),
            'and 50 mm do not',
        );
        $uncut = self::measure('stair.headroom', HeadroomTest::stairwell(void: [1600, 1000, 2450, 4500]), 's');
        self::assertInstanceOf(Measured::class, $uncut);
        self::assertStringContainsString('is in the way', Said::one($uncut->working[0]));
    }

    public function test_a_hood_counts_where_it_is_over_the_cooktop_and_not_where_its_box_is(): void
    {
        $kitchen = static fn(float $x, float $y): Sketch => Sketch::room(6000, 6000, 'kitchen')
            ->fixture(
                'c',
                'cooktop',
                3000,
                3000,
                45,
                600,
                500,
                ['base' => 900, 'height' => 20],
            )->fixture('h', 'hood', $x, $y, 45, 600, 500, ['base' => 1600, 'height' => 200]);
        self::assertTrue(self::value('fixture.under_hood', $kitchen(3000, 3000), 'c'));
        // beside it along its own side: the boxes around both overlap, they do not
        $aside = 620 * cos(deg2rad(45));
        self::assertFalse(self::value('fixture.under_hood', $kitchen(3000 - $aside, 3000 + $aside), 'c'));
        self::assertUnknown(['h.base'], self::measure('fixture.clear_above', Sketch::room(6000, 6000, 'kitchen')
            ->fixture(
                'c',
                'cooktop',
                3000,
                3000,
                45,
                600,
                500,
                ['base' => 900, 'height' => 20],
            )->fixture('h', 'hood', 3000, 3000, 45, 600, 500), 'c'));
    }

    public function test_a_sink_set_in_its_counter_has_its_floor(): void
    {
        $counter = Sketch::room(4000, 3000, 'kitchen')->fixture(
            'k',
            'counter',
            2000,
            0,
            90,
            2400,
            635,
            ['base' => 876, 'height' => 38],
        )->fixture('f', 'sink', 2000, 50, 90, 800, 500, ['base' => 700, 'height' => 200]);
        $zone = ['width' => self::mm(762), 'depth' => self::mm(1219.2)];
        self::assertEqualsWithDelta(1.0, self::number('fixture.clear_zone', $counter, 'f', $zone), 1e-3);
        self::assertLessThan(0.9, self::number('fixture.clear_zone', $counter->fixture('g', 'table', 2000, 900, 90, 800, 800), 'f', $zone));
    }

    public function test_furniture_of_the_next_room_does_not_narrow_an_l_shaped_hall(): void
    {
        $hall = (new Sketch())
            ->chain([[-50, -50], [5050, -50], [5050, 5050], [3950, 5050], [3950, 1050], [-50, 1050]], 100)
            ->wall([3950, 5050], [-50, 5050])
            ->wall([-50, 5050], [-50, 1050])
            ->use('r', 'hall', 500, 500)
            ->use('b', 'bedroom', 2000, 3000)
            ->door('w6', 550, 800, ['id' => 'd1'])
            ->door('w3', 550, 800, ['id' => 'd2']);
        $way = self::number('room.passage', $hall, 'r');
        self::assertEqualsWithDelta(1000.0, $way, 0.1);
        self::assertEqualsWithDelta(
            $way,
            self::number('room.passage', $hall->fixture('f', 'wardrobe', 3900, 3000, 180, 1500, 600), 'r'),
            1e-6,
        );
    }

    public function test_the_space_between_doors_in_series_does_not_hang_on_their_order(): void
    {
        $doors = [['w2', 'd1'], ['w4', 'd2']];
        $spaces = [];
        foreach ([$doors, array_reverse($doors)] as $order) {
            $hall = Sketch::room(2000, 1200, 'hall');
            foreach ($order as [$wall, $id]) {
                $hall = $hall->door($wall, 700, 800, ['id' => $id, 'operation' => 'hinged', 'hinge' => 'from', 'opens' => 'right']);
            }
            $spaces[] = self::number('door.series_space', $hall, 'd1');
        }
        self::assertEqualsWithDelta($spaces[0], $spaces[1], 1e-6);
    }

    /** Every measure of a turned and mirrored room, drawn to 0.1 mm, within 0.2 mm of the room as it was. */
    public function test_widths_are_the_same_in_a_turned_room(): void
    {
        $sketch = Sketch::room(3657.6, 2743.2)
            ->wall([1500, -100], [1500, 2843.2], 114.3)
            ->use('c', 'closet', 500, 500)
            ->door('w5', 1400, 762);
        /** @var array<string, mixed> $document */
        $document = json_decode($sketch->json(), true, 512, JSON_THROW_ON_ERROR);
        foreach (['room.least_width', 'room.long_side', 'room.narrowest'] as $name) {
            $plain = self::number($name, $sketch, 'r');
            foreach ([13.3, 45.0, 121.7, 270.0, 333.3] as $angle) {
                foreach ([Redrawn::of($document), Redrawn::of($document)->mirrored()] as $drawn) {
                    $turned = new Home((new LayoutReader())->read(json_encode(
                        $drawn->turned($angle, 0.1)->document(),
                        JSON_THROW_ON_ERROR,
                    )));
                    self::assertEqualsWithDelta($plain, self::number($name, $turned, 'r'), 0.35, "{$name} at {$angle} degrees");
                }
            }
        }
    }

    private static function mm(float $mm): Amount
    {
        return Amount::length($mm);
    }
}
