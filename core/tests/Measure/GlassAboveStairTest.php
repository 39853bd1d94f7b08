<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

/** How high glass begins above the steps beside it: risers of 180 mm, treads of 250 mm from 1000 mm on, along the wall of the window. */
final class GlassAboveStairTest extends MeasureTestCase
{
    /** So far from the glass, mm, and the level of the last step that begins within it. */
    public function test_steps_within_reach_count(): void
    {
        foreach ([[524.9, 1620.0], [525.0, 1800.0], [525.1, 1800.0], [274.9, 1440.0]] as [$within, $level]) {
            self::assertEqualsWithDelta(2000.0 - $level, self::above(self::hall(), $within), 1e-6, "{$within} mm");
        }
    }

    public function test_three_feet_where_nothing_is_said(): void
    {
        // the step at 3500 mm, 1980 high, begins so far from the glass
        foreach ([[914.3, 1980.0], [914.4, 1980.0], [914.5, 1800.0]] as [$apart, $level]) {
            self::assertEqualsWithDelta(2000.0 - $level, self::above(self::hall(3400 - $apart)), 1e-6, "{$apart} mm");
        }
    }

    public function test_the_stair_that_comes_up_to_the_storey_of_the_window(): void
    {
        $below = self::number('window.glass_above_stair', self::hall()->upper(self::upper(['sill' => 500, 'frame' => 0])), 'u');
        self::assertEqualsWithDelta(500.0 + 2700.0 - 1980.0, $below, 1e-6);
    }

    public function test_no_step_is_near(): void
    {
        self::assertInstanceOf(NotApplicable::class, self::measure('window.glass_above_stair', self::hall(5900), 'n'));
    }

    private static function hall(float $y = 2625): Sketch
    {
        return Sketch::room(4000, 6000, 'hall')->with(['ceiling' => 2450])
            ->stair(['start' => [450, 1000], 'parts' => [['flight' => ['risers' => 15, 'tread' => 250]]]], 2700)
            ->upper(self::upper([]))
            ->window('w4', 6100 - $y, 200, 300, ['id' => 'n', 'sill' => 2000, 'frame' => 0]);
    }

    /**
     * @param array<string, mixed> $window
     *
     * @return array<string, mixed>
     */
    private static function upper(array $window): array
    {
        return [
            'elevation' => 2700,
            'rooms' => [['id' => 'ur', 'use' => 'hall', 'at' => [3500, 3000]]],
            'voids' => [['id' => 'v', 'outline' => [[0, 1000], [900, 1000], [900, 4500], [0, 4500]]]],
            'openings' => $window === [] ? [] : [[
                'id' => 'u', 'kind' => 'window', 'wall' => 'uw4', 'at' => 6100 - 2625, 'width' => 200, 'height' => 300, ...$window,
            ]],
        ];
    }

    private static function above(Sketch $hall, ?float $within = null): float
    {
        return self::number('window.glass_above_stair', $hall, 'n', $within === null ? [] : ['within' => Amount::length($within)]);
    }
}
