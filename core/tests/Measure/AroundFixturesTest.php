<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;

/** Alcoves, windows behind fixtures, hoods, and floors that one turns on. */
final class AroundFixturesTest extends MeasureTestCase
{
    public function test_a_floor_between_two_cupboards_is_an_alcove(): void
    {
        // the basin's floor runs from 450 to 1669 mm off the wall; cupboards to both sides stand 900 mm apart
        self::assertEqualsWithDelta(
            900.0,
            self::number('fixture.alcove_width', self::alcove(1200), 'f', ['deeper_than' => Amount::length(610)]),
            0.01,
        );
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure(
                'fixture.alcove_width',
                Sketch::room(4000, 3000, 'bathroom')->fixture('f', 'lavatory', 2000, 0, 90, 500, 450),
                'f',
            ),
        );
    }

    /**
     * @return iterable<string, array{float, bool}> how deep the cupboards are and whether the floor lies in an alcove more than 610 mm deep
     */
    public static function depths(): iterable
    {
        yield 'just under' => [450 + 609, false];
        yield 'at' => [450 + 610, false];
        yield 'just over' => [450 + 611, true];
    }

    #[DataProvider('depths')]
    public function test_how_deep_it_has_to_be(float $depth, bool $isAlcove): void
    {
        $measured = self::measure('fixture.alcove_width', self::alcove($depth), 'f', ['deeper_than' => Amount::length(610)]);
        self::assertSame(!$isAlcove, $measured instanceof NotApplicable);
    }

    public function test_one_cupboard_makes_no_alcove(): void
    {
        $room = Sketch::room(4000, 3000, 'bathroom')->fixture('f', 'lavatory', 2000, 0, 90, 500, 450)->fixture(
            'a',
            'wardrobe',
            1250,
            0,
            90,
            600,
            1200,
        );
        self::assertInstanceOf(NotApplicable::class, self::measure('fixture.alcove_width', $room, 'f'));
        self::assertUnknown(
            ['f.depth'],
            self::measure(
                'fixture.alcove_width',
                Sketch::room(4000, 3000)->add(
                    'fixtures',
                    ['id' => 'f', 'kind' => 'lavatory', 'at' => [2000, 0], 'facing' => 90, 'width' => 500],
                ),
                'f',
            ),
        );
    }

    /**
     * @return iterable<string, array{float, float}> the middle of a window 600 mm wide, and how many lie behind a fixture from 1500 to 2500
     */
    public static function windows(): iterable
    {
        yield 'right behind it' => [2000, 1];
        yield 'half behind it' => [2500, 1];
        yield 'beside it' => [2900, 0];
    }

    #[DataProvider('windows')]
    public function test_windows_behind(float $at, float $count): void
    {
        // the wall begins 100 mm before the room does
        $room = Sketch::room(4000, 3000, 'kitchen')->fixture('f', 'cooktop', 2000, 0, 90, 1000, 600)->window(
            'w1',
            $at + 100,
            600,
            1200,
            ['sill' => 1000],
        );
        self::assertSame($count, self::number('fixture.windows_behind', $room, 'f'));
    }

    public function test_a_window_in_another_wall_is_not_behind(): void
    {
        $room = Sketch::room(4000, 3000, 'kitchen')->fixture('f', 'cooktop', 2000, 0, 90, 1000, 600);
        self::assertSame(0.0, self::number('fixture.windows_behind', $room->window('w3', 2100, 1200, 1200, ['sill' => 1000]), 'f'));
        $away = Sketch::room(4000, 3000, 'kitchen')->fixture(
            'f',
            'cooktop',
            2000,
            400,
            90,
            1000,
            600,
        )->window('w1', 2100, 1200, 1200, ['sill' => 1000]);
        self::assertSame(0.0, self::number('fixture.windows_behind', $away, 'f'), 'it stands 400 mm off the wall');
        self::assertUnknown(
            ['f.width'],
            self::measure(
                'fixture.windows_behind',
                Sketch::room(4000, 3000)->add(
                    'fixtures',
                    ['id' => 'f', 'kind' => 'cooktop', 'at' => [2000, 0], 'facing' => 90, 'depth' => 600],
                ),
                'f',
            ),
        );
    }

    public function test_a_hood_over_the_cooktop(): void
    {
        $room = static fn(float $x): Sketch => Sketch::room(4000, 3000, 'kitchen')->fixture('f', 'cooktop', 2000, 0, 90, 600, 600)->fixture(
            'h',
            'hood',
            $x,
            0,
            90,
            600,
            400,
            ['base' => 1600],
        );
        self::assertTrue(self::value('fixture.under_hood', $room(2000), 'f'));
        self::assertTrue(self::value('fixture.under_hood', $room(2599), 'f'));
        self::assertFalse(self::value('fixture.under_hood', $room(2700), 'f'));
    }

    /**
     * @return iterable<string, array{float, float}> the width of a room 1524 mm deep, and whether a T of 1524 (ADA 304.3.2, 60 in) finds
     *                                               room
     */
    public static function rooms(): iterable
    {
        yield 'just under' => [1523, 0];
        yield 'at' => [1524, 1];
        yield 'just over' => [1525, 1];
    }

    #[DataProvider('rooms')]
    public function test_a_t_on_the_floor(float $width, float $count): void
    {
        self::assertSame($count, self::number('room.turning_t', Sketch::room($width, 1524, 'bathroom'), 'r'));
    }

    public function test_a_t_between_fixtures(): void
    {
        // 1900 by 1524: a cabinet in each lower corner leaves a stem between them
        $room = static fn(float $width): Sketch => Sketch::room(1524, 1524, 'bathroom')
            ->fixture('a', 'wardrobe', $width / 2, 0, 90, $width, 600)->fixture('b', 'wardrobe', 1524 - $width / 2, 0, 90, $width, 600);
        self::assertSame(1.0, self::number('room.turning_t', $room(304), 'r'));
        self::assertSame(0.0, self::number('room.turning_t', $room(320), 'r'));
    }

    private static function alcove(float $depth): Sketch
    {
        return Sketch::room(4000, 3000, 'bathroom')->fixture('f', 'lavatory', 2000, 0, 90, 500, 450)
            ->fixture('a', 'wardrobe', 1250, 0, 90, 600, $depth)->fixture('b', 'wardrobe', 2750, 0, 90, 600, $depth);
    }
}
