<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is told of a door, a window, a wall or a floor, and what is worked out of it. */
final class StatedSizesTest extends MeasureTestCase
{
    /**
     * @return iterable<string, array{array<string, mixed>, float, list<string>}> what is told of a door of 900, its clear width, what is
     *                                                                            taken
     */
    public static function leaves(): iterable
    {
        $hinged = ['operation' => 'hinged', 'leaf_thickness' => 40];
        $pair = ['operation' => 'double_hinged', 'leaf_thickness' => 40];
        $stop = 'Stop of the frame taken as 13 mm.';
        $play = 'The leaf of the lower door D1 of R is taken to have 3 mm of play on either side.';
        $alike = 'The leaves of the lower door D1 of R are taken to be as wide as each other.';
        yield 'nothing' => [$hinged, 900.0 - 40 - 13, [$stop]];
        yield 'its leaf' => [[...$hinged, 'leaf_width' => 838], 838.0 - 40 - 13, [$stop]];
        yield 'its frame' => [[...$hinged, 'frame' => 30], 900.0 - 2 * 30 - 2 * 3 - 40 - 13, [$stop, $play]];
        yield 'both: the leaf is what it is' => [[...$hinged, 'frame' => 30, 'leaf_width' => 830], 830.0 - 40 - 13, [$stop]];
        yield 'nothing of a pair' => [$pair, 450.0 - 40 - 13, [$stop, $alike]];
        yield 'the frame of a pair' => [[...$pair, 'frame' => 30], (900.0 - 2 * 30 - 2 * 3) / 2 - 40 - 13, [$stop, $alike, $play]];
        yield 'the leaf of a pair that opens first' => [[...$pair, 'leaf_width' => 600, 'leads' => 'from'], 600.0 - 40 - 13, [$stop]];
    }

    /**
     * @param array<string, mixed> $door
     * @param list<string>         $taken
     */
    #[DataProvider('leaves')]
    public function test_the_leaf_decides_how_wide_a_door_is_clear(array $door, float $clear, array $taken): void
    {
        $measured = self::measure('door.clear_width', Sketch::room(4000, 3000)->door('w1', 2000, 900, $door), 'd');
        self::assertInstanceOf(Measured::class, $measured);
        self::assertEqualsWithDelta($clear, $measured->amount()->number, 1e-6);
        self::assertSame($taken, Said::all($measured->assumptions));
    }

    public function test_glass_that_is_told_is_not_worked_out(): void
    {
        $door = ['operation' => 'hinged', 'glazed' => true, 'glass_area' => 0.35, 'glass_bottom' => 1200, 'glass_top' => 1900];
        $home = Sketch::room(4000, 3000)->door('w1', 2000, 900, $door);
        self::assertEqualsWithDelta(0.35, self::number('door.glass_area', $home, 'd'), 1e-9);
        self::assertSame([1200.0, 1900.0], [self::number('door.glass_bottom', $home, 'd'), self::number('door.glass_top', $home, 'd')]);
        self::assertUnknown(['d.glass_bottom'], self::measure('door.glass_bottom', Sketch::room(4000, 3000)->door('w1', 2000, 900), 'd'));
    }

    public function test_bars_and_fire_ratings_are_as_told(): void
    {
        $home = Sketch::room(4000, 3000)->window('w3', 2000, 1000, 1200, ['bar_height' => 900]);
        self::assertSame(900.0, self::number('window.bar_height', $home, 'n'));
        self::assertUnknown(['w1.fire_minutes'], self::measure('wall.fire_minutes', $home, 'w1'));
    }

    /** @return iterable<string, array{float|null, float|null, float}> levels of two rooms, and the step between them */
    public static function levels(): iterable
    {
        yield 'as high as the storey' => [null, null, 0.0];
        yield 'one lower' => [null, -20.0, 20.0];
        yield 'both' => [15.0, -20.0, 35.0];
        yield 'alike' => [-20.0, -20.0, 0.0];
    }

    #[DataProvider('levels')]
    public function test_floors_of_two_levels_make_a_step_at_the_door_and_at_an_open_border(?float $one, ?float $other, float $step): void
    {
        foreach (['interior', 'divider'] as $type) {
            $wall = [
                'id' => 'p', 'from' => [2000, -100], 'to' => [2000, 3100], 'thickness' => $type === 'divider' ? 0 : 100, 'type' => $type,
            ];
            $home = Sketch::room(4000, 3000)->with(['rooms' => [
                array_filter(
                    ['id' => 'a', 'use' => 'hall', 'at' => [1000, 1500], 'level' => $one],
                    static fn($value): bool => $value !== null,
                ),
                array_filter(
                    ['id' => 'b', 'use' => 'study', 'at' => [3000, 1500], 'level' => $other],
                    static fn($value): bool => $value !== null,
                ),
            ]])->add('walls', $wall);
            $drawn = $type === 'divider' ? $home : $home->door('p', 1500, 800);
            self::assertEqualsWithDelta($step, self::number('room.level_step', $drawn, 'a'), 1e-9, $type);
            self::assertEqualsWithDelta($step, self::number('room.level_step', $drawn, 'b'), 1e-9, $type);
        }
    }

    public function test_a_thing_with_a_name_of_its_own_is_called_by_it(): void
    {
        $home = Sketch::room(4000, 3000)->fixture('f', 'wardrobe', 2000, 2900, 270, 600, 600, ['name' => 'Linen press'])->home();
        self::assertSame('Linen press WR1 in R', $home->fixtures[0]->name());
    }
}
