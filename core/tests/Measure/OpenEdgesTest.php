<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

/** Edges over which one can fall, and what guards them. */
final class OpenEdgesTest extends MeasureTestCase
{
    private const VOID = [1550, 1375, 2450, 4500];

    public function test_an_opening_in_the_floor_is_open_on_three_sides_and_entered_on_the_fourth(): void
    {
        $measured = self::measure('storey.open_edges', self::stairwell([]), 'U', ['drop' => Amount::length(762)]);
        self::assertInstanceOf(Measured::class, $measured);
        self::assertSame(3.0, $measured->amount()->number);
        self::assertEqualsWithDelta([900.0, 3125.0, 3125.0], self::lengths($measured), 1e-6);
    }

    public function test_guards_and_walls_close_edges(): void
    {
        $west = ['id' => 'g1', 'line' => [[1550, 1375], [1550, 4500]], 'height' => 1000];
        self::assertSame(2.0, self::edges(self::stairwell([$west])));
        $around = ['id' => 'g1', 'line' => [[1550, 4500], [1550, 1375], [2450, 1375], [2450, 4500]], 'height' => 1000];
        self::assertSame(0.0, self::edges(self::stairwell([$around])));
        $half = ['id' => 'g1', 'line' => [[1550, 4500], [1550, 1375], [2450, 1375], [2450, 3000]], 'height' => 1000];
        $measured = self::measure('storey.open_edges', self::stairwell([$half]), 'U');
        self::assertEqualsWithDelta([1500.0], $measured instanceof Measured ? self::lengths($measured) : [], 1e-6);
        // a guard 151 mm away stands somewhere else
        self::assertSame(3.0, self::edges(self::stairwell([['id' => 'g1', 'line' => [[1399, 1375], [1399, 4500]], 'height' => 1000]])));
        self::assertSame(2.0, self::edges(self::stairwell([['id' => 'g1', 'line' => [[1400, 1375], [1400, 4500]], 'height' => 1000]])));
    }

    /** A guard that leaves the edge by a sine of less than 0.05, some 2.9 degrees, runs along it. */
    public function test_a_guard_that_leans_away_from_an_edge_does_not_close_it(): void
    {
        foreach ([[0.0495, 2.0], [0.0505, 3.0]] as [$sine, $open]) {
            $line = [[1550, 1375], [1550 - 3125 * $sine / sqrt(1 - $sine ** 2), 4500]];
            self::assertSame($open, self::edges(self::stairwell([['id' => 'g1', 'line' => $line, 'height' => 1000]])));
        }
    }

    public function test_low_walls_close_edges_and_are_guards_themselves(): void
    {
        $low = HeadroomTest::stairwell(
            void: self::VOID,
            upper: [
                'walls' => [[
                    'id' => 'low', 'from' => [1500, 1375], 'to' => [1500, 4500], 'thickness' => 100, 'type' => 'interior', 'height' => 900,
                ]],
            ],
        );
        self::assertSame(2.0, self::edges($low));
        self::assertSame(900.0, self::number('guard.height', $low, 'low'));
        self::assertSame(0.0, self::number('guard.largest_gap', $low, 'low'));
        self::assertFalse(self::value('guard.along_stair', $low, 'low'));
    }

    public function test_the_sides_of_a_flight_are_open_where_they_are_high(): void
    {
        $drop = static fn(float $mm): array => ['drop' => Amount::length($mm)];
        $measured = self::measure('storey.open_edges', self::stairwell([]), 'G', $drop(762));
        self::assertInstanceOf(Measured::class, $measured);
        // the fifth tread lies 900 mm high, the fourth 720: ten treads of 250 mm on each side
        self::assertEqualsWithDelta([2500.0, 2500.0], self::lengths($measured), 1e-3);
        self::assertSame(0.0, self::number('storey.open_edges', self::stairwell([]), 'G', $drop(2700)));
        $against = HeadroomTest::stairwell(void: self::VOID, stair: ['start' => [450, 1000]]);
        self::assertSame(1.0, self::number('storey.open_edges', $against, 'G', $drop(762)), 'a flight along a wall');
        $guarded = HeadroomTest::stairwell(void: self::VOID, stair: ['start' => [450, 1000]])->add(
            'guards',
            ['id' => 'g', 'line' => [[900, 1000], [900, 4500]], 'height' => 900],
        );
        self::assertSame(0.0, self::number('storey.open_edges', $guarded, 'G', $drop(762)));
        self::assertTrue(self::value('guard.along_stair', $guarded, 'g'));
        self::assertFalse(self::value('guard.outdoors', $guarded, 'g'));
    }

    public function test_flights_that_run_beside_each_other(): void
    {
        // up on the right, a landing, down the other way on the left, without a gap: the inner sides fall onto the lower flight
        $parts = [
            ['flight' => ['risers' => 7, 'tread' => 250]],
            ['landing' => ['depth' => 900, 'turn' => 'back']],
            ['flight' => ['risers' => 8, 'tread' => 250]],
        ];
        $measured = self::measure(
            'storey.open_edges',
            HeadroomTest::stairwell(void: [1100, 1000, 2900, 3400], stair: ['start' => [2450, 1000], 'parts' => $parts]),
            'G',
            ['drop' => Amount::length(762)],
        );
        self::assertInstanceOf(Measured::class, $measured);
        // along both outer sides, flight and landing in one; along the back of the landing; and from the upper flight onto the lower
        self::assertSame(4.0, $measured->amount()->number);
        self::assertContains(1800.0, array_map(static fn(float $length): float => round($length, 3), self::lengths($measured)));
    }

    public function test_a_balcony_behind_a_divider(): void
    {
        $balcony = static fn(float $elevation): Sketch => Sketch::room(4000, 3000, 'living')->with(['elevation' => $elevation])
            ->wall([-100, -1500], [4100, -1500], 0, 'divider')
            ->wall([-100, -1500], [-100, -100], 0, 'divider')
            ->wall([4100, -1500], [4100, -100], 0, 'divider')
            ->use('b', 'balcony', 2000, -800);
        self::assertSame(3.0, self::number('storey.open_edges', $balcony(3000), 'G', ['drop' => Amount::length(762)]));
        self::assertSame(0.0, self::number('storey.open_edges', $balcony(762), 'G', ['drop' => Amount::length(762)]));
        self::assertSame(3.0, self::number('storey.open_edges', $balcony(762.1), 'G', ['drop' => Amount::length(762)]));
        $railed = $balcony(3000)->add(
            'guards',
            ['id' => 'g', 'line' => [[-100, -100], [-100, -1500], [4100, -1500], [4100, -100]], 'height' => 1100],
        );
        self::assertSame(0.0, self::number('storey.open_edges', $railed, 'G', ['drop' => Amount::length(762)]));
        self::assertTrue(self::value('guard.outdoors', $railed, 'g'));
    }

    public function test_what_is_lacking(): void
    {
        self::assertUnknown(
            ['U.elevation'],
            self::measure('storey.open_edges', HeadroomTest::stairwell(void: self::VOID, upper: ['elevation' => null]), 'U'),
        );
        self::assertUnknown(
            ['s.width'],
            self::measure('storey.open_edges', HeadroomTest::stairwell(void: self::VOID, stair: ['width' => null]), 'G'),
        );
    }

    /** @param list<array<string, mixed>> $guards */
    private static function stairwell(array $guards): Sketch
    {
        return HeadroomTest::stairwell(void: self::VOID, upper: ['guards' => $guards]);
    }

    private static function edges(Sketch $sketch): float
    {
        return self::number('storey.open_edges', $sketch, 'U', ['drop' => Amount::length(762)]);
    }

    /** @return list<float> in ascending order */
    private static function lengths(Measured $measured): array
    {
        $lengths = [];
        foreach ($measured->witness as $witness) {
            $lengths[] = $witness->lines()[0][0]->distanceTo($witness->lines()[0][1]);
        }
        sort($lengths);

        return $lengths;
    }

    /** Inside another, along its edges, over them in part, and apart: edges of what is open together. */
    public function test_openings_that_overlap_are_one(): void
    {
        $outer = [[2000, 2000], [3000, 2000], [3000, 3000], [2000, 3000]];
        foreach ([
            [[[2200, 2200], [2800, 2200], [2800, 2800], [2200, 2800]], 4.0],
            [[[2000, 2000], [3000, 2000], [3000, 2500], [2000, 2500]], 4.0],
            [[[2500, 2000], [3500, 2000], [3500, 2500], [2500, 2500]], 6.0],
            [[[4000, 2000], [4500, 2000], [4500, 2500], [4000, 2500]], 8.0],
        ] as [$second, $edges]) {
            $home = Sketch::room(5000, 5000, 'hall')->upper([
                'rooms' => [['id' => 'u', 'name' => 'U', 'use' => 'living', 'at' => [500, 500]]],
                'voids' => [['id' => 'v', 'outline' => $outer], ['id' => 'x', 'outline' => $second]],
            ]);
            self::assertSame($edges, self::number('storey.open_edges', $home, 'U'));
        }
    }
}
