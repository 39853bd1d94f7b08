<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;

/** What is no floor, no light and no way: stairs and openings in floors, walls of neighbours, pockets, what is above ceilings. */
final class TakenFloorTest extends MeasureTestCase
{
    /** A hall of 1750 x 5000 with a flight of 900 along its left wall. */
    private static function withFlight(): Sketch
    {
        return Sketch::room(1750, 5000, 'hall')->stair([
            'start' => [450, 500],
            'facing' => 90,
            'width' => 900,
            'parts' => [['flight' => ['risers' => 15, 'tread' => 260]]],
        ])->upper(['voids' => [['id' => 'v', 'outline' => [[0, 500], [900, 500], [900, 4140], [0, 4140]]]]]);
    }

    public function test_a_flight_leaves_no_turning_circle_and_is_no_floor(): void
    {
        // under its high end, from 2000 mm on, one walks
        $circle = self::number('room.turning_circle', self::withFlight(), 'r');
        self::assertLessThan(1500.0, $circle);
        self::assertGreaterThan(840.0, $circle);
        self::assertEqualsWithDelta(1750.0, self::number('room.turning_circle', Sketch::room(1750, 5000, 'hall'), 'r'), 0.1);
        $all = 1.75 * 5.0;
        $counted = self::number('room.floor_area', self::withFlight(), 'r');
        self::assertLessThan($all - 0.9 * 1.5, $counted, 'steps lower than 5 ft are none');
        self::assertGreaterThan($all - 0.9 * 3.7, $counted);
    }

    public function test_an_opening_in_the_floor_is_no_floor_whichever_wall_it_is_at(): void
    {
        $room = static fn(array $outline, float $x): Sketch => Sketch::room(2350, 4000, 'hall')
            ->add('voids', ['id' => 'v', 'outline' => $outline])
            ->door('w1', 100 + $x, 800, ['id' => 'e'])
            ->door('w3', 2450 - $x, 800, ['id' => 'f']);
        foreach ([
            1890 => [[0, 500], [1425, 500], [1425, 3500], [0, 3500]],
            460 => [[925, 500], [2350, 500], [2350, 3500], [925, 3500]],
        ] as $x => $outline) {
            self::assertEqualsWithDelta(925.0, self::number('room.passage', $room($outline, $x), 'r'), 0.1);
            self::assertEqualsWithDelta(2.35 * 4 - 1.425 * 3, self::number('room.floor_area', $room($outline, $x), 'r'), 1e-3);
        }
    }

    public function test_openings_in_a_wall_of_a_neighbour_bring_nothing_and_are_told(): void
    {
        $room = static fn(string $type): Sketch => (new Sketch())
            ->wall([-100, -100], [4100, -100], 200, $type)
            ->wall([4100, -100], [4100, 3100], 200, 'exterior')
            ->wall([4100, 3100], [-100, 3100], 200, 'exterior')
            ->wall([-100, 3100], [-100, -100], 200, 'exterior')
            ->use('r', 'bedroom', 2000, 1500)->window('w1', 2000, 1200, 1200, ['operation' => 'casement', 'sill' => 900]);
        self::assertSame(
            [0.0, 1.0],
            [self::number('window.in_party_wall', $room('exterior'), 'n'), self::number('window.in_party_wall', $room('party'), 'n')],
        );
        foreach (['room.glass_area', 'room.vent_area', 'room.window_area'] as $name) {
            self::assertGreaterThan(1.0, self::number($name, $room('exterior'), 'r'), $name);
            self::assertSame(0.0, self::number($name, $room('party'), 'r'), $name);
        }
        $door = (new Sketch())
            ->wall([-100, -100], [4100, -100], 200, 'party')
            ->wall([4100, -100], [4100, 3100], 200, 'exterior')
            ->wall([4100, 3100], [-100, 3100], 200, 'exterior')
            ->wall([-100, 3100], [-100, -100], 200, 'exterior')
            ->use('r', 'hall', 2000, 1500)->door('w1', 2000, 900, ['operation' => 'hinged']);
        self::assertSame([1.0, 0.0], [self::number('door.in_party_wall', $door, 'd'), self::number('room.ways_out', $door, 'r')]);
    }

    public function test_a_pocket_needs_its_stretch_of_wall_on_the_side_it_slides_to(): void
    {
        $room = static fn(float $at, string $hinge): Sketch => Sketch::room(6000, 4000)
            ->wall([3000, 0], [3000, 4000])
            ->use('s', 'study', 1000, 1000)
            ->door('w5', $at, 800, ['operation' => 'pocket', 'hinge' => $hinge]);
        // the leaf slides 800 beyond the opening: from 1600 on there is wall enough towards the end at 4000
        self::assertSame(0.0, self::number('door.pocket_short', $room(2000, 'to'), 'd'));
        self::assertEqualsWithDelta(0.0, self::number('door.pocket_short', $room(2800, 'to'), 'd'), 0.1);
        self::assertEqualsWithDelta(100.0, self::number('door.pocket_short', $room(2900, 'to'), 'd'), 0.1);
        self::assertEqualsWithDelta(300.0, self::number('door.pocket_short', $room(900, 'from'), 'd'), 0.1);
        $beside = $room(2000, 'to')->add(
            'openings',
            ['id' => 'g', 'kind' => 'gap', 'wall' => 'w5', 'at' => 3000, 'width' => 400, 'height' => 2100],
        );
        self::assertEqualsWithDelta(
            400.0,
            self::number('door.pocket_short', $beside, 'd'),
            0.1,
            'another opening begins 400 beyond the jamb',
        );
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure('door.pocket_short', Sketch::room(4000, 3000)->door('w1', 2000, 800, ['operation' => 'hinged']), 'd'),
        );
    }

    public function test_what_rises_above_the_ceiling_is_told_by_how_much(): void
    {
        $wardrobe = static fn(float $height): Sketch => Sketch::room(4000, 3000)->fixture(
            'f',
            'wardrobe',
            2000,
            0,
            90,
            1000,
            600,
            ['height' => $height],
        );
        self::assertSame(
            [0.0, 0.0],
            [self::number('fixture.above_ceiling', $wardrobe(2399.9), 'f'), self::number('fixture.above_ceiling', $wardrobe(2400), 'f')],
        );
        self::assertEqualsWithDelta(200.0, self::number('fixture.above_ceiling', $wardrobe(2600), 'f'), 1e-6);
        $cabinet = Sketch::room(4000, 3000)->fixture('f', 'wall_cabinet', 2000, 0, 90, 1000, 300, ['base' => 1400, 'height' => 1500]);
        self::assertEqualsWithDelta(500.0, self::number('fixture.above_ceiling', $cabinet, 'f'), 1e-6);
        self::assertEqualsWithDelta(
            300.0,
            self::number('door.above_ceiling', Sketch::room(4000, 3000)->door('w1', 2000, 900, ['height' => 2700]), 'd'),
            1e-6,
        );
        self::assertEqualsWithDelta(
            900.0,
            self::number('window.above_ceiling', Sketch::room(4000, 3000)->window('w1', 2000, 900, 2400, ['sill' => 900]), 'n'),
            1e-6,
        );
        self::assertEqualsWithDelta(
            250.0,
            self::number('window.over_head', Sketch::room(4000, 3000)->window('w1', 2000, 900, 1250, ['sill' => 900]), 'n'),
            1e-6,
        );
        self::assertUnknown(
            ['n.sill'],
            self::measure('window.above_ceiling', Sketch::room(4000, 3000)->window('w1', 2000, 900, 1250), 'n'),
        );
    }

    public function test_under_a_slope_the_head_is_held_against_the_ceiling_at_its_wall(): void
    {
        $attic = static fn(string $wall): Sketch => (new Sketch())->chain([[-100, -100], [4100, -100], [4100, 3100], [-100, 3100]])
            ->use(
                'r',
                'bedroom',
                2000,
                1500,
                ['ceiling' => ['from' => [2000, 0], 'to' => [2000, 3000], 'low' => 1200, 'high' => 3000]],
            )->window($wall, 2000, 900, 1000, ['sill' => 900]);
        self::assertSame(0.0, self::number('window.above_ceiling', $attic('w3'), 'n'), 'at the high wall');
        self::assertEqualsWithDelta(700.0, self::number('window.above_ceiling', $attic('w1'), 'n'), 1.0, 'at the low one');
    }

    public function test_heads_of_one_wall_that_nearly_agree(): void
    {
        $room = static fn(float $head): Sketch => Sketch::room(6000, 3000)->window(
            'w1',
            1500,
            900,
            1200,
            ['id' => 'm', 'sill' => 900],
        )->window('w1', 4500, 900, 1200, ['sill' => $head - 1200]);
        foreach ([
            [2100.0, 0.0], [2100.9, 0.0], [2101.0, 1.0], [2130.0, 1.0], [2130.1, 0.0], [2070.0, 1.0], [2069.0, 0.0],
        ] as [$head, $expected]) {
            self::assertSame($expected, self::number('window.heads_nearly_alike', $room($head), 'n'), "at {$head}");
        }
    }

    public function test_what_stands_on_nothing_floats_or_is_sunk(): void
    {
        $lamp = static fn(float $base, float $x = 1000): Sketch => Sketch::room(4000, 3000)->fixture(
            't',
            'nightstand',
            1000,
            1000,
            90,
            500,
            400,
            ['height' => 550],
        )->fixture(
            'f',
            'lamp',
            $x,
            1100,
            90,
            200,
            200,
            ['base' => $base, 'height' => 400],
        );
        self::assertSame(0.0, self::number('fixture.unsupported', $lamp(550), 'f'));
        self::assertEqualsWithDelta(150.0, self::number('fixture.unsupported', $lamp(700), 'f'), 1e-6);
        self::assertEqualsWithDelta(50.0, self::number('fixture.unsupported', $lamp(500), 'f'), 1e-6);
        self::assertEqualsWithDelta(550.0, self::number('fixture.unsupported', $lamp(550, 2000), 'f'), 1e-6, 'over the finished floor');
        self::assertSame(0.0, self::number('fixture.unsupported', $lamp(0, 2000), 'f'));
        foreach ([[2000, 0, 90], [4000, 1500, 180], [2000, 3000, 270], [0, 1500, 0]] as [$x, $y, $facing]) {
            self::assertSame(
                0.0,
                self::number(
                    'fixture.unsupported',
                    Sketch::room(4000, 3000)->fixture('f', 'mirror', $x, $y, $facing, 600, 20, ['base' => 1100, 'height' => 700]),
                    'f',
                ),
                "on the wall, facing {$facing}",
            );
        }
        self::assertEqualsWithDelta(
            1100.0,
            self::number(
                'fixture.unsupported',
                Sketch::room(4000, 3000)->fixture('f', 'mirror', 2000, 1500, 90, 600, 20, ['base' => 1100, 'height' => 700]),
                'f',
            ),
            1e-6,
        );
    }

    public function test_a_dropped_ceiling_is_no_beam(): void
    {
        $room = static fn(float $width): Sketch => Sketch::room(3658, 3658, 'living')->with(['ceiling' => 2440])->add(
            'soffits',
            ['id' => 'x', 'outline' => [[0, 0], [$width, 0], [$width, 3658], [0, 3658]], 'underside' => 2007],
        );
        $with = [
            'beams_from' => \Heurema\Units\Amount::length(1981.2),
            'beams_apart' => \Heurema\Units\Amount::length(914.4),
            'beams_up_to' => \Heurema\Units\Amount::length(609.6),
        ];
        self::assertSame(
            [2440.0, 2440.0, 2007.0],
            [
                self::number('room.ceiling_height', $room(200), 'r', $with),
                self::number('room.ceiling_height', $room(609.6), 'r', $with),
                self::number('room.ceiling_height', $room(2438), 'r', $with),
            ],
        );
    }

    public function test_a_gap_of_a_run_that_no_unit_fits(): void
    {
        $run = static fn(float $gap): Sketch => Sketch::room(5000, 3000, 'kitchen')->fixture(
            'f',
            'base_cabinet',
            1000,
            0,
            90,
            600,
            600,
        )->fixture(
            'g',
            'base_cabinet',
            1600 + $gap,
            0,
            90,
            600,
            600,
        );
        foreach ([[0.0, 0.0], [25.0, 25.0], [149.9, 149.9], [150.0, 0.0], [400.0, 0.0]] as [$gap, $expected]) {
            self::assertEqualsWithDelta($expected, self::number('fixture.odd_gap', $run($gap), 'f'), 0.01, "a gap of {$gap}");
        }
    }

    public function test_cabinets_before_a_window_and_things_in_doorways(): void
    {
        foreach ([
            ['w1', 2100, [2000, 0], 90],
            ['w2', 1600, [4000, 1500], 180],
            ['w3', 2100, [2000, 3000], 270],
            ['w4', 1600, [0, 1500], 0],
        ] as [$wall, $at, [$x, $y], $facing]) {
            $kitchen = static fn(float $base): Sketch => Sketch::room(4000, 3000, 'kitchen')->window(
                $wall,
                $at,
                1000,
                1000,
                ['sill' => 1000],
            )->fixture(
                'f',
                'wall_cabinet',
                $x,
                $y,
                $facing,
                600,
                320,
                ['base' => $base, 'height' => 700],
            );
            self::assertSame(
                [1.0, 0.0],
                [self::number('window.units_before', $kitchen(1400), 'n'), self::number('window.units_before', $kitchen(2000), 'n')],
                $wall,
            );
            $door = static fn(float $width): Sketch => Sketch::room(4000, 3000, 'kitchen')->door($wall, $at, 900)->fixture(
                'f',
                'base_cabinet',
                $x,
                $y,
                $facing,
                $width,
                600,
            );
            self::assertSame(
                [1.0, 0.0],
                [
                    self::number('door.obstructed', $door(800), 'd'),
                    self::number('door.obstructed', Sketch::room(4000, 3000, 'kitchen')->door($wall, $at, 900), 'd'),
                ],
                $wall,
            );
        }
    }

    public function test_the_top_of_a_counter_and_the_length_of_a_turned_thing(): void
    {
        $counter = Sketch::room(4000, 3000, 'kitchen')->fixture('f', 'counter', 2000, 0, 90, 1000, 600, ['base' => 876, 'height' => 38]);
        self::assertEqualsWithDelta(914.0, self::number('fixture.top', $counter, 'f'), 1e-6);
        self::assertSame(
            1700.0,
            self::number('fixture.length', Sketch::room(4000, 3000)->fixture('f', 'bath', 2000, 0, 90, 760, 1700), 'f'),
        );
        self::assertSame(
            1700.0,
            self::number('fixture.length', Sketch::room(4000, 3000)->fixture('f', 'bath', 2000, 0, 37, 1700, 760), 'f'),
        );
    }

    public function test_one_steps_out_of_a_bath_where_there_is_room(): void
    {
        // 5 x 8 ft: a bath across the end, a water closet and a lavatory along one wall
        $room = Sketch::room(1524, 2438.4, 'bathroom')->fixture('f', 'bath', 762, 2438.4, 270, 1524, 762)
            ->fixture('c', 'water_closet', 0, 1200, 0, 381, 711)->fixture('l', 'lavatory', 0, 500, 0, 508, 457);
        self::assertGreaterThanOrEqual(
            533.4,
            self::number('fixture.step_out', $room, 'f', ['along' => \Heurema\Units\Amount::length(533.4)]),
        );
        $blocked = $room->fixture('x', 'washer', 1524, 1200, 180, 690, 760);
        self::assertLessThan(533.4, self::number('fixture.step_out', $blocked, 'f', ['along' => \Heurema\Units\Amount::length(533.4)]));
    }

    /** A doorway 900 mm wide, of which 600 mm have to be left; the cabinet covers the rest from one jamb. */
    public function test_a_doorway_is_obstructed_just_under_what_has_to_be_left(): void
    {
        foreach ([[299.9, 0.0], [300.0, 0.0], [300.1, 1.0]] as [$covered, $obstructed]) {
            $width = 450 + $covered;
            $room = Sketch::room(4000, 3000, 'kitchen')->door('w1', 2000, 900)
                ->fixture('f', 'base_cabinet', 1000 + $width / 2, 0, 90, $width, 600);
            self::assertEqualsWithDelta($obstructed, self::number('door.obstructed', $room, 'd'), 0.0, "{$covered} mm");
        }
    }
}
