<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

/**
 * A straight stair of 15 risers of 180 mm on 250 mm up through a floor whose underside is 2450 mm high. Its nosing line lies 180 mm
 * high at y = 1000 and climbs 0.72 mm a mm, so that 2000 mm are left under the edge of an opening that begins at y = 1375.
 */
final class HeadroomTest extends MeasureTestCase
{
    public function test_under_the_edge_of_the_opening(): void
    {
        foreach ([1374 => 2000.72, 1375 => 2000.0, 1376 => 1999.28] as $begins => $headroom) {
            self::assertEqualsWithDelta(
                $headroom,
                self::number('stair.headroom', self::stairwell(void: [1550, $begins, 2450, 4500]), 's'),
                1e-6,
            );
        }
        $measured = self::measure('stair.headroom', self::stairwell(void: [1550, 1500, 2450, 4500]), 's');
        self::assertInstanceOf(Measured::class, $measured);
        self::assertStringContainsString('the ceiling of R', Said::one($measured->working[0]));
        self::assertEqualsWithDelta(1500.0, $measured->witness[0]->lines()[0][0]->y, 1e-6);
    }

    public function test_a_stick_on_each_tread_finds_where_the_opening_begins(): void
    {
        // the limit of 2000 mm and the floor's 250 mm: on the second tread 360 + 2250 = 2610 stays below 2700, on the third 2790 does
        // not; of 14 treads 12 have to be open (the carpenter's way, common practice, no source)
        $measured = self::measure('stair.opening_start', self::stairwell(), 's', ['headroom' => Amount::length(2000)]);
        self::assertInstanceOf(Measured::class, $measured);
        self::assertSame(12.0, $measured->amount()->number);
        self::assertEqualsWithDelta(1375.0, $measured->witness[0]->lines()[0][0]->y, 1e-6);
        // a tread on which the stick just touches the upper floor need not be open: 450 + 2250 = 2700
        $touching = self::measure('stair.opening_start', self::stairwell(), 's', ['headroom' => Amount::length(2700 - 250 - 540)]);
        self::assertSame(11.0, $touching instanceof Measured ? $touching->amount()->number : null);
    }

    public function test_the_side_of_an_opening_may_come_in_a_little_where_a_code_lets_it(): void
    {
        $stairwell = static fn(float $left): Sketch => self::stairwell(void: [$left, 1375, 2450, 4500]);
        $edge = ['side_edge' => Amount::length(120.65)];
        self::assertEqualsWithDelta(0.0, self::number('stair.headroom', $stairwell(1670), 's'), 1e-6);
        self::assertEqualsWithDelta(2000.0, self::number('stair.headroom', $stairwell(1670), 's', $edge), 1e-6);
        self::assertEqualsWithDelta(0.0, self::number('stair.headroom', $stairwell(1671), 's', $edge), 1e-6);
        self::assertEqualsWithDelta(2000.0, self::number('stair.headroom', $stairwell(1671), 's', ['over' => 'middle']), 1e-3);
    }

    public function test_soffits_over_it_count_and_those_under_it_do_not(): void
    {
        // over the foot, 2100 − 180 − 0.72 · 250
        $over = self::stairwell(void: [1550, 1375, 2450, 4500])->add(
            'soffits',
            ['id' => 'so', 'outline' => [[1550, 900], [2450, 900], [2450, 1250], [1550, 1250]], 'underside' => 2100],
        );
        self::assertEqualsWithDelta(1740.0, self::number('stair.headroom', $over, 's'), 1e-6);
        $under = self::stairwell(void: [1550, 1375, 2450, 4500])->add(
            'soffits',
            ['id' => 'so', 'outline' => [[1550, 4000], [2450, 4000], [2450, 4400], [1550, 4400]], 'underside' => 1200],
        );
        self::assertEqualsWithDelta(2000.0, self::number('stair.headroom', $under, 's'), 1e-6);
    }

    public function test_a_sloped_ceiling_above_the_upper_floor(): void
    {
        // 1500 mm high over y = 5000 and 4000 mm more towards y = 1000: over the head at 4500 it is 2000, over the landing beyond less
        $sloped = self::stairwell(
            void: [1550, 1375, 2450, 4500],
            upper: [
                'rooms' => [[
                    'id' => 'ur',
                    'use' => 'hall',
                    'at' => [3500, 3000],
                    'ceiling' => ['low' => 1500, 'high' => 5500, 'from' => [2000, 5000], 'to' => [2000, 1000]],
                ]],
            ],
        );
        self::assertEqualsWithDelta(1500.0 - 400.0, self::number('stair.headroom', $sloped, 's'), 1e-6);
    }

    public function test_another_stair_above(): void
    {
        $twice = self::stairwell(
            void: [1550, 1000, 2450, 4500],
            upper: ['rooms' => [['id' => 'ur', 'use' => 'hall', 'at' => [3500, 3000], 'ceiling' => 2600]]],
        )
            ->stair([
                'id' => 't',
                'name' => 'Second stair',
                'from_storey' => 'U',
                'to_storey' => 'T',
                'start' => [2000, 1000],
                'parts' => [['flight' => ['risers' => 15, 'tread' => 250]]],
            ])
            ->top(['elevation' => 5400]);
        $measured = self::measure('stair.headroom', $twice, 's');
        self::assertInstanceOf(Measured::class, $measured);
        // a storey less the depth of a stair, from the back of a tread to the one above its front
        self::assertEqualsWithDelta(2700 - 300 - 180, $measured->amount()->number, 1e-6);
        self::assertCount(1, $measured->assumptions);
    }

    public function test_a_spiral_comes_around_over_itself(): void
    {
        // treads of 190 mm 404.8 mm from its middle take 27.14 degrees each: the fourteenth lies over the first, 13 risers higher
        $spiral = HeadroomTest::stairwell(
            void: [0, 0, 4000, 6000],
            stair: [
                'kind' => 'spiral',
                'inner_radius' => 100,
                'width' => 700,
                'start' => [2500, 3000],
                'parts' => [['flight' => ['risers' => 20, 'tread' => 190]]],
            ],
        );
        $measured = self::measure('stair.headroom', $spiral, 's');
        self::assertInstanceOf(Measured::class, $measured);
        // 2700 / 20 = 135 a riser; from the nosing line at the back of a tread to the tread above, less its depth
        self::assertEqualsWithDelta(13 * 135 - 300 - 135, $measured->amount()->number, 135.0);
        self::assertStringContainsString('Lowest under Stair', Said::one($measured->working[0]));
    }

    public function test_what_is_lacking(): void
    {
        self::assertUnknown(
            ['U.floor_thickness'],
            self::measure('stair.headroom', self::stairwell(upper: ['floor_thickness' => null]), 's'),
        );
        self::assertUnknown(['r.ceiling or G.ceiling'], self::measure('stair.headroom', self::stairwell()->with(['ceiling' => null]), 's'));
        self::assertUnknown(['s.width'], self::measure('stair.headroom', self::stairwell(stair: ['width' => null]), 's'));
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure(
                'stair.headroom',
                self::stairwell(stair: [
                    'from_storey' => null,
                    'rise' => 450,
                    'start' => [-3000, -3000],
                    'parts' => [['flight' => ['risers' => 3, 'tread' => 300]]],
                ]),
                's',
            ),
        );
    }

    /**
     * @param array{float|int, float|int, float|int, float|int}|null $void  left, bottom, right, top
     * @param array<string, mixed>                                   $upper
     * @param array<string, mixed>                                   $stair
     */
    public static function stairwell(?array $void = null, array $upper = [], array $stair = []): Sketch
    {
        $outline = $void === null
            ? []
            : [['id' => 'v', 'outline' => [[$void[0], $void[1]], [$void[2], $void[1]], [$void[2], $void[3]], [$void[0], $void[3]]]]];

        return Sketch::room(4000, 6000, 'hall')->with(['ceiling' => 2450])
            ->stair(['start' => [2000, 1000], 'parts' => [['flight' => ['risers' => 15, 'tread' => 250]]], ...$stair], 2700)
            ->upper([
                'elevation' => 2700,
                'voids' => $outline,
                'rooms' => [['id' => 'ur', 'use' => 'hall', 'at' => [3500, 3000]]],
                ...$upper,
            ]);
    }
}
