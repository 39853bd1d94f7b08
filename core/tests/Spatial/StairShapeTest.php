<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Geometry\Ring;
use Heurema\Spatial\StairShape;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

final class StairShapeTest extends TestCase
{
    public function test_a_straight_flight_has_one_tread_less_than_risers(): void
    {
        $shape = self::shape([['flight' => ['risers' => 14, 'tread' => 250]]]);
        self::assertCount(13, $shape->treads);
        self::assertSame([0.0, 3250.0], self::top($shape));
    }

    public function test_a_landing_to_the_left_turns_the_climb(): void
    {
        // up 1000 along y, a landing 900 deep, then along −x from its left edge, in the landing's far 900
        $shape = self::shape([['flight' => ['risers' => 5, 'tread' => 250]], ['landing' => ['depth' => 900, 'turn' => 'left']], ['flight' => ['risers' => 5, 'tread' => 250]]]);
        self::assertCount(8, $shape->treads);
        self::assertEqualsWithDelta([-1450.0, 1450.0], self::top($shape), 1e-6);
    }

    public function test_a_landing_back_brings_the_climb_beside_itself(): void
    {
        $shape = self::shape([['flight' => ['risers' => 5, 'tread' => 250]], ['landing' => ['depth' => 900, 'turn' => 'back', 'gap' => 100]], ['flight' => ['risers' => 5, 'tread' => 250]]]);
        self::assertEqualsWithDelta([-1000.0, 0.0], self::top($shape), 1e-6);
        self::assertEqualsWithDelta(1.9 * 0.9, $shape->landings[0]->area() / 1e6, 1e-9);
    }

    public function test_winders_fill_the_corner_square(): void
    {
        $shape = self::shape([['winders' => ['risers' => 3, 'turn' => 'right']]]);
        self::assertCount(3, $shape->treads);
        self::assertEqualsWithDelta(0.81, array_sum(array_map(static fn(Ring $tread): float => $tread->area(), $shape->treads)) / 1e6, 1e-9);
        self::assertEqualsWithDelta([450.0, 450.0], self::top($shape), 1e-6);
    }

    public function test_ends_where_a_size_is_missing(): void
    {
        self::assertSame([], self::shape([['flight' => ['risers' => 5]]])->treads);
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
