<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Spatial\Stair\StairShape;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\Stair\StepKind;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

final class StairShapeTest extends TestCase
{
    public function test_a_straight_flight_has_one_tread_less_than_risers(): void
    {
        $shape = self::shape([['flight' => ['risers' => 14, 'tread' => 250]]]);
        self::assertCount(13, $shape->treads());
        self::assertSame([0.0, 3250.0], self::top($shape));
    }

    public function test_a_landing_to_the_left_turns_the_climb(): void
    {
        // up 1000 along y, a landing 900 deep, then along −x from its left edge, in the landing's far 900
        $shape = self::shape([
            ['flight' => ['risers' => 5, 'tread' => 250]],
            ['landing' => ['depth' => 900, 'turn' => 'left']],
            ['flight' => ['risers' => 5, 'tread' => 250]],
        ]);
        self::assertCount(8, $shape->treads());
        self::assertEqualsWithDelta([-1450.0, 1450.0], self::top($shape), 1e-6);
    }

    public function test_a_landing_back_brings_the_climb_beside_itself(): void
    {
        $shape = self::shape([
            ['flight' => ['risers' => 5, 'tread' => 250]],
            ['landing' => ['depth' => 900, 'turn' => 'back', 'gap' => 100]],
            ['flight' => ['risers' => 5, 'tread' => 250]],
        ]);
        self::assertEqualsWithDelta([-1000.0, 0.0], self::top($shape), 1e-6);
        self::assertEqualsWithDelta(1.9 * 0.9, $shape->landings()[0]->area() / 1e6, 1e-9);
    }

    public function test_winders_fill_the_corner_square(): void
    {
        $shape = self::shape([['winders' => ['risers' => 3, 'turn' => 'right']], ['flight' => ['risers' => 1]]]);
        self::assertCount(3, $shape->treads());
        self::assertEqualsWithDelta(
            0.81,
            array_sum(array_map(static fn(Ring $tread): float => $tread->area(), $shape->treads())) / 1e6,
            1e-9,
        );
        self::assertEqualsWithDelta([450.0, 450.0], self::top($shape), 1e-6);
    }

    public function test_every_riser_but_the_last_has_a_tread(): void
    {
        $parts = [
            ['flight' => ['risers' => 5, 'tread' => 250]],
            ['winders' => ['risers' => 3, 'turn' => 'left']],
            ['flight' => ['risers' => 4, 'tread' => 250]],
            ['landing' => ['depth' => 900, 'turn' => 'none']],
            ['flight' => ['risers' => 2, 'tread' => 250]],
        ];
        $shape = self::shape($parts);
        // 5 + 3 + 3 + 1 treads and a landing under 14 risers, whose last one reaches the floor
        self::assertCount(12, $shape->treads());
        self::assertSame(
            [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13],
            array_map(static fn(Step $step): int => $step->risers, $shape->steps),
        );
        // five treads ahead to the square, three treads, a landing and a tread to the left of it
        self::assertEqualsWithDelta([-450.0 - 3 * 250 - 900 - 250, 1250.0 + 450.0], self::top($shape), 1e-3);
        self::assertEqualsWithDelta(
            [0.0, 900.0],
            [$shape->head?->leftOf($shape->walkline[count($shape->walkline) - 1]), $shape->head?->length()],
            1e-6,
        );
    }

    public function test_narrow_ends_move_the_pivot_beyond_the_corner(): void
    {
        // three treads of 30 degrees: 150 mm deep at their narrow end, so that the pivot lies 150 / tan 30 = 259.8 mm beyond
        $shape = self::shape([
            ['flight' => ['risers' => 1, 'tread' => 250]],
            ['winders' => ['risers' => 3, 'turn' => 'left', 'inner' => 150]],
            ['flight' => ['risers' => 1]],
        ]);
        $offset = 150 / tan(M_PI / 6);
        self::assertEqualsWithDelta([-450.0 - $offset, 250 + $offset + 450.0], self::top($shape), 1e-3);
        $inner = static fn(int $step): Point => $shape->steps[$step]->front->from;
        self::assertEqualsWithDelta(150.0, $inner(1)->distanceTo($inner(2)), 1e-6);
        self::assertEqualsWithDelta(150.0, $inner(3)->distanceTo($shape->steps[3]->back->from), 1e-6);
        // both squares without the inner one
        self::assertEqualsWithDelta(
            ((900 + $offset) ** 2 - $offset ** 2) / 1e6,
            array_sum(array_map(
                static fn(Step $step): float => $step->kind === StepKind::Winder ? $step->outline->area() : 0.0,
                $shape->steps,
            )) / 1e6,
            1e-9,
        );
    }

    public function test_a_spiral_is_as_deep_as_is_said_a_foot_from_its_inner_side(): void
    {
        $shape = StairShape::of(
            Sketch::room(4000, 3000)->stair([
                'kind' => 'spiral',
                'inner_radius' => 100,
                'parts' => [['flight' => ['risers' => 13, 'tread' => 190]]],
            ])->home()->stairs[0]->stair,
        );
        self::assertCount(12, $shape->steps);
        foreach ($shape->steps as $step) {
            [$front, $back] = [$step->front->at(304.8), $step->back->at(304.8)];
            self::assertEqualsWithDelta(190.0, $front->distanceTo($back), 1e-6);
            // its middle lies 550 mm to the left of the start
            self::assertEqualsWithDelta(100.0, $step->front->from->distanceTo(new Point(-550, 0)), 1e-6);
        }
    }

    public function test_ends_where_a_size_is_missing(): void
    {
        self::assertSame([], self::shape([['flight' => ['risers' => 5]]])->treads());
    }

    /** @return array{float, float} where the climb ends */
    private static function top(StairShape $shape): array
    {
        return $shape->walkline[count($shape->walkline) - 1]->toArray();
    }

    /** @param list<array<string, mixed>> $parts */
    private static function shape(array $parts): StairShape
    {
        return StairShape::of(Sketch::room(4000, 3000)->stair(['parts' => $parts])->home()->stairs[0]->stair);
    }
}
