<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/** The tiles behind a fixture are those of the walls that it stands at. */
final class TileHeightTest extends MeasureTestCase
{
    /** @return iterable<string, array{float, float, float, string}> where a shower of 900 by 900 stands, and the wall behind it */
    public static function walls(): iterable
    {
        yield 'front wall' => [2000, 0, 90, 'w1'];
        yield 'right wall' => [4000, 1500, 180, 'w2'];
        yield 'back wall' => [2000, 3000, 270, 'w3'];
        yield 'left wall' => [0, 1500, 0, 'w4'];
    }

    #[DataProvider('walls')]
    public function test_the_wall_behind_decides(float $x, float $y, float $facing, string $wall): void
    {
        $tiled = static fn(string $which): Sketch => self::bathroom([$which => [1800, 0]])
            ->fixture('f', 'shower', $x, $y, $facing, 900, 900);
        self::assertSame(1800.0, self::number('fixture.tile_height', $tiled($wall), 'f'));
        foreach (array_diff(['w1', 'w2', 'w3', 'w4'], [$wall]) as $other) {
            self::assertSame(1200.0, self::number('fixture.tile_height', $tiled($other), 'f'), $other);
        }
    }

    /** @return iterable<string, array{float, float, list<string>}> */
    public static function corners(): iterable
    {
        yield 'front right' => [3550, 0, ['w1', 'w2']];
        yield 'front left' => [450, 0, ['w1', 'w4']];
    }

    /** @param list<string> $walls */
    #[DataProvider('corners')]
    public function test_in_a_corner_the_lower_one_decides(float $x, float $y, array $walls): void
    {
        foreach ([[2000, 1800], [1800, 2000]] as [$one, $other]) {
            $home = self::bathroom([$walls[0] => [$one, 0], $walls[1] => [$other, 0]]);
            self::assertSame(1800.0, self::number('fixture.tile_height', $home->fixture('f', 'shower', $x, $y, 90, 900, 900), 'f'));
        }
    }

    public function test_where_it_stands_free_the_room_says(): void
    {
        $all = array_fill_keys(['w1', 'w2', 'w3', 'w4'], [2000, 0]);
        foreach ([[59.0, 2000.0], [61.0, 1200.0]] as [$off, $height]) {
            $home = self::bathroom($all)->fixture('f', 'shower', 2000, $off, 90, 900, 900);
            self::assertSame($height, self::number('fixture.tile_height', $home, 'f'), "{$off} mm off");
        }
    }

    public function test_what_nobody_said_is_the_room_s(): void
    {
        $home = self::bathroom([], null)->fixture('f', 'shower', 2000, 0, 90, 900, 900);
        self::assertUnknown(['r.tile_height'], self::measure('fixture.tile_height', $home, 'f'));
    }

    /** @param array<string, array{int, int}> $tiles by wall */
    private static function bathroom(array $tiles, ?float $height = 1200): Sketch
    {
        $room = ['id' => 'r', 'use' => 'bathroom', 'at' => [2000, 1500]];
        $home = Sketch::room(4000, 3000)->with(['rooms' => [$height === null ? $room : [...$room, 'tile_height' => $height]]]);
        foreach ($tiles as $wall => $heights) {
            $home->tiled($wall, $heights);
        }

        return $home;
    }
}
