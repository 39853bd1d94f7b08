<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Kitchens worked by hand: two straight ones, metric and imperial, a galley, one with an island and one around a corner, each in twelve
 * attitudes. Units are 650 mm deep in a room of 4 m by 3 m; places are from the left or the lower end of the wall on the sheet.
 */
final class KitchensByHandTest extends MeasureTestCase
{
    private const INCH = 25.4;

    /**
     * @return iterable<string, array{
     *     list<array{list<array{string, string, float|int, float|int}>, string}>,
     *     array<string, float>,
     *     float,
     *     bool,
     * }> units by wall, and what is measured: figures of the room, and both landings of fixtures by their ids
     */
    public static function kitchens(): iterable
    {
        foreach (self::drawn() as $name => [$walls, $figures]) {
            foreach (DrawnKitchen::attitudes() as $attitude => [$turn, $isMirrored]) {
                yield "{$name}, {$attitude}" => [$walls, $figures, $turn, $isMirrored];
            }
        }
    }

    /**
     * @param list<array{list<array{string, string, float|int, float|int}>, string}> $walls
     * @param array<string, float>                                                   $figures
     */
    #[DataProvider('kitchens')]
    public function test_comes_to_what_was_worked_out(array $walls, array $figures, float $turn, bool $isMirrored): void
    {
        $kitchen = DrawnKitchen::at($walls, $turn, $isMirrored);
        $measured = [];
        foreach (array_keys($figures) as $figure) {
            [$of, $id] = [...explode(' ', $figure), 'room'];
            $measured[$figure] = match ($of) {
                'worktop', 'aisle' => self::number("room.{$of}", $kitchen, 'room'),
                'longest' => self::number('room.worktop', $kitchen, 'room', ['of' => 'longest']),
                'ways' => self::number('room.work_triangle', $kitchen, 'room'),
                'farthest' => self::number('room.work_triangle', $kitchen, 'room', ['of' => 'longest']),
                default => self::number('fixture.landing', $kitchen, $id, ['of' => $of]),
            };
        }
        self::assertEqualsWithDelta($figures, $measured, 0.01);
    }

    /** @return iterable<string, array{list<array{list<array{string, string, float|int, float|int}>, string}>, array<string, float>}> */
    private static function drawn(): iterable
    {
        yield 'straight' => [[[
            // no worktop is drawn over the dishwasher
            [
                ['a', 'base_cabinet', 0, 900], ['s', 'sink', 100, 800], ['d', 'dishwasher', 900, 1500], ['b', 'base_cabinet', 1500, 2100],
                ['c', 'range', 2100, 2700], ['e', 'base_cabinet', 2700, 3300],
            ], 'bottom',
        ]], [
            'longer s' => 100.0, 'shorter s' => 100.0, 'longer c' => 600.0, 'shorter c' => 600.0, 'worktop' => 1400.0, 'longest' => 600.0,
            'aisle' => 2350.0,
        ]];
        $inches = static fn(string $id, string $kind, float $from, float $to): array => [$id, $kind, $from * self::INCH, $to * self::INCH];
        yield 'straight, in inches' => [[[
            [
                $inches('a', 'base_cabinet', 0, 36), $inches('s', 'sink', 1.5, 34.5), $inches('b', 'base_cabinet', 36, 54),
                $inches('c', 'range', 54, 84), $inches('e', 'base_cabinet', 84, 102), $inches('r', 'refrigerator', 102, 138),
            ], 'bottom',
        ]], array_map(static fn(float $inch): float => $inch * self::INCH, [
            // fronts at 18, 69 and 120
            'longer s' => 19.5, 'shorter s' => 1.5, 'longer c' => 19.5, 'shorter c' => 18.0, 'longer r' => 18.0, 'shorter r' => 0.0,
            'worktop' => 39.0, 'longest' => 19.5, 'ways' => 204.0, 'farthest' => 102.0,
        ])];
        yield 'galley' => [[
            [[['a', 'base_cabinet', 400, 2400], ['s', 'sink', 1000, 1800], ['r', 'refrigerator', 3200, 3900]], 'bottom'],
            [[['c', 'range', 1600, 2200], ['b', 'base_cabinet', 2200, 3200]], 'top'],
        ], [
            // fronts at (1400, 650), (1900, 2350) and (3550, 650)
            'longer s' => 600.0, 'shorter s' => 600.0, 'longer c' => 1000.0, 'shorter c' => 0.0, 'worktop' => 2200.0,
            'longest' => 1000.0, 'aisle' => 1700.0, 'ways' => hypot(500, 1700) + hypot(1650, 1700) + 2150, 'farthest' => hypot(1650, 1700),
        ]];
        yield 'an island' => [[
            [[
                ['r', 'refrigerator', 0, 700], ['a', 'base_cabinet', 700, 1300], ['c', 'range', 1300, 1900],
                ['b', 'base_cabinet', 1900, 3000],
            ], 'bottom'],
            [[['i', 'island', 1000, 3000], ['s', 'sink', 1600, 2400]], 'middle'],
        ], [
            // fronts at (2000, 1650), (1600, 650) and (350, 650)
            'longer s' => 600.0, 'shorter s' => 600.0, 'longer c' => 1100.0, 'shorter c' => 600.0, 'longer r' => 600.0, 'worktop' => 2900.0,
            'longest' => 1100.0, 'aisle' => 1000.0, 'ways' => hypot(400, 1000) + 1250 + hypot(1650, 1000), 'farthest' => hypot(1650, 1000),
        ]];
        yield 'around a corner' => [[
            [[
                ['a', 'base_cabinet', 0, 1200], ['s', 'sink', 200, 1000], ['d', 'dishwasher', 1200, 1800],
                ['b', 'base_cabinet', 1800, 4000],
            ], 'bottom'],
            [[['c', 'range', 650, 1250], ['e', 'base_cabinet', 1250, 2150], ['r', 'refrigerator', 2150, 2850]], 'right'],
        ], [
            // the range stands at the corner: its worktop there is that of the other leg, 1800 to 3350
            'longer s' => 200.0, 'shorter s' => 200.0, 'longer c' => 1550.0, 'shorter c' => 900.0, 'longer r' => 900.0, 'shorter r' => 0.0,
            'worktop' => 2850.0, 'longest' => 1550.0, 'aisle' => 2350.0,
            'ways' => hypot(2750, 300) + 1550 + hypot(2750, 1850), 'farthest' => hypot(2750, 1850),
        ]];
    }
}
