<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

/** Steps, flights, landings, rails and tapered treads. */
final class StairStepsTest extends MeasureTestCase
{
    public function test_pitch_and_the_length_of_a_step(): void
    {
        // 15 risers of 180 mm on 250 mm: tan⁻¹(180 / 250) = 35.75 degrees, 2 · 180 + 250 = 610 mm
        $stair = HeadroomTest::stairwell();
        self::assertEqualsWithDelta(rad2deg(atan(180 / 250)), self::number('stair.pitch', $stair, 's'), 1e-9);
        self::assertEqualsWithDelta(610.0, self::number('stair.two_r_plus_g', $stair, 's'), 1e-9);
        $uneven = self::stair([
            ['flight' => ['risers' => 7, 'tread' => 250]],
            ['landing' => ['depth' => 900]],
            ['flight' => ['risers' => 8, 'tread' => 280]],
        ]);
        self::assertEqualsWithDelta(
            [610.0, 640.0],
            [self::number('stair.two_r_plus_g', $uneven, 's'), self::number('stair.two_r_plus_g', $uneven, 's', ['of' => 'largest'])],
            1e-9,
        );
        self::assertEqualsWithDelta(
            [250.0, 280.0],
            [self::number('stair.tread', $uneven, 's'), self::number('stair.tread', $uneven, 's', ['of' => 'largest'])],
            1e-9,
        );
        self::assertEqualsWithDelta(
            0.0,
            self::number('stair.tread_spread', $uneven, 's'),
            1e-9,
            'treads differ from flight to flight only',
        );
    }

    public function test_risers_that_differ(): void
    {
        $stair = self::stair(
            [['flight' => ['risers' => 3, 'tread' => 250, 'rises' => [180, 190, 175]]]],
            ['from_storey' => null, 'rise' => 545],
        );
        self::assertEqualsWithDelta(15.0, self::number('stair.riser_spread', $stair, 's'), 1e-9);
        self::assertEqualsWithDelta(
            [190.0, 175.0],
            [self::number('stair.riser', $stair, 's'), self::number('stair.riser', $stair, 's', ['of' => 'least'])],
            1e-9,
        );
        self::assertEqualsWithDelta(0.0, self::number('stair.rise_left', $stair, 's'), 1e-9);
        $short = self::stair([['flight' => ['risers' => 3, 'tread' => 250, 'rises' => [180, 190, 175]]]]);
        self::assertEqualsWithDelta(2700.0 - 545, self::number('stair.rise_left', $short, 's'), 1e-9);
    }

    public function test_flights_end_at_landings(): void
    {
        $stair = self::stair([
            ['flight' => ['risers' => 4, 'tread' => 250]],
            ['landing' => ['depth' => 900, 'turn' => 'left']],
            ['flight' => ['risers' => 3, 'tread' => 250]],
            ['winders' => ['risers' => 3, 'turn' => 'left']],
            ['flight' => ['risers' => 5, 'tread' => 250]],
        ]);
        // winders belong to the flight that they turn
        self::assertSame(
            [11.0, 4.0],
            [self::number('stair.risers_per_flight', $stair, 's'), self::number('stair.risers_per_flight', $stair, 's', ['of' => 'least'])],
        );
        self::assertEqualsWithDelta(11 * 180.0, self::number('stair.flight_rise', $stair, 's'), 1e-6);
        self::assertSame(5.0, self::number('stair.straight_run', $stair, 's'));
        self::assertSame(
            20.0,
            self::number(
                'stair.straight_run',
                self::stair([
                    ['flight' => ['risers' => 10, 'tread' => 250]],
                    ['landing' => ['depth' => 900]],
                    ['flight' => ['risers' => 10, 'tread' => 250]],
                ]),
                's',
            ),
        );
    }

    public function test_tapered_treads_on_the_line_that_people_walk(): void
    {
        $winders = static fn(float $inner): Sketch => self::stair([
            ['flight' => ['risers' => 6, 'tread' => 250]],
            ['winders' => ['risers' => 3, 'turn' => 'left', 'inner' => $inner]],
            ['flight' => ['risers' => 6, 'tread' => 250]],
        ]);
        // around a sharp corner the risers fan out by 30 degrees: chords of 2 r sin 15°
        self::assertEqualsWithDelta(
            2 * 304.8 * sin(deg2rad(15)),
            self::number('stair.winder_tread', $winders(0), 's', ['from_inner' => Amount::length(304.8)]),
            1e-6,
        );
        self::assertEqualsWithDelta(2 * 450 * sin(deg2rad(15)), self::number('stair.winder_tread', $winders(0), 's'), 1e-6);
        self::assertEqualsWithDelta(0.0, self::number('stair.winder_inner', $winders(0), 's'), 1e-6);
        // 150 mm at the narrow end puts the pivot 259.8 mm beyond the corner: the first tread is then (259.8 + 304.8) · tan 30° deep as
        // long as the line still runs straight, 259.8 / tan 30° being the end of that: beyond, the chord is shorter
        $offset = 150 / tan(deg2rad(30));
        $onArc = static function (float $angle) use ($offset): array {
            [$cos, $sin] = [cos(deg2rad($angle)), sin(deg2rad($angle))];
            $half = $offset * ($cos + $sin);
            $distance = $half + sqrt($half ** 2 - 2 * $offset ** 2 + 304.8 ** 2);

            return [$distance * $cos, $distance * $sin];
        };
        [[$x1, $y1], [$x2, $y2]] = [$onArc(30), $onArc(60)];
        $first = hypot($x1 - ($offset + 304.8), $y1);
        self::assertEqualsWithDelta(
            min($first, hypot($x2 - $x1, $y2 - $y1)),
            self::number('stair.winder_tread', $winders(150), 's', ['from_inner' => Amount::length(304.8)]),
            1e-6,
        );
        self::assertEqualsWithDelta(150.0, self::number('stair.winder_inner', $winders(150), 's'), 1e-6);
        self::assertSame(3.0, self::number('stair.winders_in_turn', $winders(0), 's'));
        self::assertInstanceOf(NotApplicable::class, self::measure('stair.winder_tread', HeadroomTest::stairwell(), 's'));
        self::assertUnknown(
            ['s.parts.1.winders.inner'],
            self::measure(
                'stair.winder_inner',
                self::stair([
                    ['flight' => ['risers' => 6, 'tread' => 250]],
                    ['winders' => ['risers' => 3, 'turn' => 'left']],
                    ['flight' => ['risers' => 6, 'tread' => 250]],
                ]),
                's',
            ),
        );
    }

    public function test_two_turns_that_follow_on_each_other(): void
    {
        $stair = self::stair([
            ['flight' => ['risers' => 3, 'tread' => 250]],
            ['winders' => ['risers' => 3, 'turn' => 'left']],
            ['winders' => ['risers' => 4, 'turn' => 'left']],
            ['flight' => ['risers' => 5, 'tread' => 250]],
        ]);
        self::assertSame(
            [4.0, 7.0],
            [self::number('stair.winders_in_turn', $stair, 's'), self::number('stair.winders_in_turn', $stair, 's', ['of' => 'half'])],
        );
    }

    public function test_a_spiral_in_the_middle_of_its_width(): void
    {
        $spiral = self::stair(
            [['flight' => ['risers' => 15, 'tread' => 190]]],
            ['kind' => 'spiral', 'inner_radius' => 100, 'width' => 700],
        );
        self::assertEqualsWithDelta(190.0, self::number('stair.winder_tread', $spiral, 's', ['from_inner' => Amount::length(304.8)]), 1e-6);
        self::assertEqualsWithDelta(190.0 * (100 + 350) / (100 + 304.8), self::number('stair.winder_tread', $spiral, 's'), 1e-6);
        self::assertUnknown(
            ['s.parts'],
            self::measure('stair.pitch', self::stair([['flight' => ['risers' => 15, 'tread' => 190]]], ['kind' => 'spiral']), 's'),
        );
    }

    public function test_width_and_rails(): void
    {
        $railed = static fn(mixed $left, mixed $right): Sketch => self::stair(
            [['flight' => ['risers' => 15, 'tread' => 250]]],
            ['handrails' => ['left' => $left, 'right' => $right]],
        );
        self::assertSame(900.0, self::number('stair.width', $railed(900, null), 's'));
        self::assertEqualsWithDelta(
            [811.1, 722.2, 900.0],
            [
                self::number('stair.width', $railed(900, null), 's', ['at' => 'rail']),
                self::number('stair.width', $railed(900, 950), 's', ['at' => 'rail']),
                self::number('stair.width', $railed(null, null), 's', ['at' => 'rail']),
            ],
            1e-6,
        );
        self::assertSame(
            [1.0, 2.0, 0.0],
            [
                self::number('stair.handrails', $railed(900, null), 's'),
                self::number('stair.handrails', $railed(900, 950), 's'),
                self::number('stair.handrails', $railed(null, null), 's'),
            ],
        );
        self::assertSame(
            [900.0, 950.0],
            [
                self::number('stair.handrail_height', $railed(900, 950), 's'),
                self::number('stair.handrail_height', $railed(900, 950), 's', ['of' => 'highest']),
            ],
        );
        self::assertInstanceOf(NotApplicable::class, self::measure('stair.handrail_height', $railed(null, null), 's'));
        self::assertUnknown(['s.handrails'], self::measure('stair.width', HeadroomTest::stairwell(), 's', ['at' => 'rail']));
        $said = $railed(['height' => 900, 'projection' => 60], ['height' => 900, 'projection' => 70]);
        self::assertEqualsWithDelta(900.0 - 130.0, self::number('stair.width', $said, 's', ['at' => 'rail']), 1e-6);
        $width = self::measure('stair.width', $said, 's', ['at' => 'rail']);
        self::assertInstanceOf(Measured::class, $width);
        self::assertSame([], $width->assumptions, 'nothing is taken');
        $half = self::measure('stair.width', $railed(['height' => 900, 'projection' => 60], 900), 's', ['at' => 'rail']);
        self::assertInstanceOf(Measured::class, $half);
        self::assertEqualsWithDelta(900.0 - 60.0 - 88.9, $half->amount()->number, 1e-6);
        self::assertCount(1, $half->assumptions);
    }

    public function test_how_far_handrails_go_on(): void
    {
        $railed = static fn(mixed $left, mixed $right): Sketch => HeadroomTest::stairwell(
            stair: ['handrails' => ['left' => $left, 'right' => $right]],
        );
        $both = $railed(['height' => 900, 'foot' => 250, 'head' => 300], ['height' => 900, 'foot' => 280, 'head' => 290]);
        self::assertEqualsWithDelta(250.0, self::number('stair.handrail_extension', $both, 's', ['at' => 'foot']), 1e-6);
        self::assertEqualsWithDelta(290.0, self::number('stair.handrail_extension', $both, 's', ['at' => 'head']), 1e-6);
        $oneUnsaid = $railed(['height' => 900, 'foot' => 250], 900);
        foreach (['foot', 'head'] as $at) {
            self::assertUnknown(["s.handrails.{$at}"], self::measure('stair.handrail_extension', $oneUnsaid, 's', ['at' => $at]));
        }
        self::assertUnknown(['s.handrails'], self::measure('stair.handrail_extension', HeadroomTest::stairwell(), 's', ['at' => 'foot']));
        self::assertInstanceOf(NotApplicable::class, self::measure('stair.handrail_extension', $railed(null, null), 's', ['at' => 'foot']));
    }

    public function test_landings_at_foot_head_and_between(): void
    {
        // the foot lies 1000 mm from the wall behind it, the head at y = 4500, 1500 mm from the wall before it
        $stair = HeadroomTest::stairwell(void: [1550, 1375, 2450, 4500]);
        self::assertEqualsWithDelta(1000.0, self::number('stair.landing', $stair, 's', ['at' => 'foot']), 1e-6);
        self::assertEqualsWithDelta(1500.0, self::number('stair.landing', $stair, 's', ['at' => 'head']), 1e-6);
        self::assertInstanceOf(NotApplicable::class, self::measure('stair.landing', $stair, 's', ['at' => 'between']));
        $between = self::stair([
            ['flight' => ['risers' => 7, 'tread' => 250]],
            ['landing' => ['depth' => 850, 'turn' => 'back', 'gap' => 100]],
            ['flight' => ['risers' => 8, 'tread' => 250]],
        ]);
        self::assertEqualsWithDelta(850.0, self::number('stair.landing', $between, 's', ['at' => 'between']), 1e-6);
        self::assertEqualsWithDelta(900.0, self::number('stair.landing', $between, 's', ['of' => 'width']), 1e-6);
        // a chest stands 300 mm before the foot
        $blocked = HeadroomTest::stairwell(void: [1550, 1375, 2450, 4500])->fixture('c', 'wardrobe', 2000, 100, 90, 600, 600);
        self::assertEqualsWithDelta(300.0, self::number('stair.landing', $blocked, 's', ['at' => 'foot']), 1e-6);
    }

    /** The leaf sweeps over the tenth step alone, which lies so high. */
    public function test_a_door_over_a_step_above_heads_is_none(): void
    {
        foreach ([[1999.9, 1.0], [2000.0, 0.0], [2000.1, 0.0]] as [$level, $doors]) {
            $rise = 1.5 * $level;
            $stair = Sketch::room(4000, 6000, 'hall')->wall([1400, 0], [1400, 6000])
                ->stair(['start' => [2000, 1000], 'parts' => [['flight' => ['risers' => 15, 'tread' => 250]]]], $rise)
                ->upper(['elevation' => $rise])
                ->door('w5', 3372, 240, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'right']);
            self::assertSame($doors, self::number('stair.door_over', $stair, 's'), "{$level} mm");
        }
    }

    public function test_doors_over_the_foot_and_over_the_steps(): void
    {
        // a door of 800 mm in the wall behind the foot opens into the hall: its leaf sweeps 800 of the 1000 mm
        $stair = HeadroomTest::stairwell(void: [1550, 1375, 2450, 4500])->door(
            'w1',
            2100,
            800,
            ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'],
        );
        self::assertSame(0.0, self::number('stair.door_over', $stair, 's'));
        self::assertEqualsWithDelta(200.0, self::number('stair.door_clear', $stair, 's'), 15.0);
        $closer = HeadroomTest::stairwell(void: [1550, 1375, 2450, 4500], stair: ['start' => [2000, 500]])->door(
            'w1',
            2100,
            800,
            ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'],
        );
        self::assertSame(1.0, self::number('stair.door_over', $closer, 's'));
        self::assertInstanceOf(NotApplicable::class, self::measure('stair.door_clear', HeadroomTest::stairwell(), 's'));
    }

    public function test_where_the_floor_ends_and_the_stair_does(): void
    {
        self::assertEqualsWithDelta(
            0.0,
            self::number('stair.run_left', HeadroomTest::stairwell(void: [1550, 1375, 2450, 4500]), 's'),
            1e-6,
        );
        $gap = self::measure('stair.run_left', HeadroomTest::stairwell(void: [1550, 1375, 2450, 4560]), 's');
        self::assertInstanceOf(Measured::class, $gap);
        self::assertEqualsWithDelta(60.0, $gap->amount()->number, 1e-6);
        $under = self::measure('stair.run_left', HeadroomTest::stairwell(void: [1550, 1375, 2450, 4460]), 's');
        self::assertInstanceOf(Measured::class, $under);
        self::assertStringContainsString('under the floor', Said::one($under->working[0]));
        self::assertUnknown(['an opening in Upper over s'], self::measure('stair.run_left', HeadroomTest::stairwell(), 's'));
    }

    public function test_what_passes_below(): void
    {
        // a wall across the hall under the stair makes a closet of its far end: at y = 3050 its nosing line is 1656 high
        $stair = HeadroomTest::stairwell(void: [1550, 1375, 2450, 4500])
            ->wall([-100, 3000], [4100, 3000])
            ->use('k', 'closet', 500, 5000)
            ->with([]);
        self::assertEqualsWithDelta(180 + 0.72 * 2050 - 300, self::number('stair.under', $stair, 's'), 1e-6);
        self::assertInstanceOf(NotApplicable::class, self::measure('stair.under', HeadroomTest::stairwell(), 's'));
    }

    public function test_open_risers(): void
    {
        $open = self::stair([['flight' => ['risers' => 15, 'tread' => 250]]], ['open_risers' => true]);
        self::assertEqualsWithDelta(180 - 38.1, self::number('stair.riser_opening', $open, 's'), 1e-6);
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure(
                'stair.riser_opening',
                self::stair([['flight' => ['risers' => 15, 'tread' => 250]]], ['open_risers' => false]),
                's',
            ),
        );
        self::assertUnknown(['s.open_risers'], self::measure('stair.riser_opening', HeadroomTest::stairwell(), 's'));
    }

    public function test_light_at_its_foot_and_head(): void
    {
        self::assertSame(0.0, self::number('stair.outside_openings', HeadroomTest::stairwell(), 's'));
        self::assertSame(1.0, self::number('stair.outside_openings', HeadroomTest::stairwell()->window('w2', 3000, 900, 1200), 's'));
    }

    /**
     * @param list<array<string, mixed>> $parts
     * @param array<string, mixed>       $stair
     */
    private static function stair(array $parts, array $stair = []): Sketch
    {
        return HeadroomTest::stairwell(stair: ['parts' => $parts, ...$stair]);
    }
}
