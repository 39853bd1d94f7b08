<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\Attributes\TestWith;

/** How high the units of a kitchen lie: what of their fronts can be reached, and which worktops have too little room above them. */
final class KitchenHeightsTest extends MeasureTestCase
{
    /** 600 wide each: a base unit from 0 to 900, a tall one from 0 to 2100, a wall unit from 1400 to 2100. */
    private static function kitchen(float $turn = 0.0, bool $isMirrored = false): Sketch
    {
        return DrawnKitchen::at([[[
            ['b', 'base_cabinet', 0, 600], ['w', 'wall_cabinet', 0, 600], ['t', 'tall_cabinet', 600, 1200],
        ], 'bottom']], $turn, $isMirrored)
            ->sized('fixtures', 'b', ['height' => 900])
            ->sized('fixtures', 't', ['height' => 2100])
            ->sized('fixtures', 'w', ['base' => 1400, 'height' => 700]);
    }

    #[DataProviderExternal(DrawnKitchen::class, 'attitudes')]
    public function test_fronts_in_reach(float $turn, bool $isMirrored): void
    {
        $kitchen = self::kitchen($turn, $isMirrored);
        // of 900 + 2100 + 700 mm of fronts
        self::assertEqualsWithDelta(1.0, self::number('room.storage_in_reach', $kitchen, 'room'), 1e-9);
        self::assertEqualsWithDelta((500 + 1100 + 100) / 3700, self::reached($kitchen, 400, 1500), 1e-9);
        self::assertEqualsWithDelta(500 / 3700, self::reached($kitchen, 900, 1400), 1e-9, 'of the tall unit alone');
        self::assertEqualsWithDelta(0.0, self::reached($kitchen, 2100, 2400), 1e-9);
    }

    /** A wall unit right at the height that is asked leaves enough. */
    #[TestWith([499.0, 600.0])]
    #[TestWith([500.0, 600.0])]
    #[TestWith([501.0, 0.0])]
    public function test_worktop_under_wall_units(float $asked, float $left): void
    {
        $above = ['clear_above' => Amount::length($asked)];
        self::assertEqualsWithDelta($left, self::number('room.worktop', self::kitchen(), 'room', $above), 0.01);
    }

    public function test_a_wall_unit_of_which_nobody_said_how_high_it_hangs(): void
    {
        $kitchen = DrawnKitchen::at([[[['b', 'base_cabinet', 0, 600], ['w', 'wall_cabinet', 0, 600]], 'bottom']])
            ->sized('fixtures', 'b', ['height' => 900]);
        $asked = ['clear_above' => Amount::length(500.0)];
        self::assertUnknown(['w.base'], self::measure('room.worktop', $kitchen, 'room', $asked));
        self::assertEqualsWithDelta(600.0, self::number('room.worktop', $kitchen, 'room'), 0.01, 'where it is not asked it is not needed');
    }

    private static function reached(Sketch $kitchen, float $from, float $to): float
    {
        return self::number('room.storage_in_reach', $kitchen, 'room', ['from' => Amount::length($from), 'to' => Amount::length($to)]);
    }
}
