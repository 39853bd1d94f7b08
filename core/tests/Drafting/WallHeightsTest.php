<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\NearHeights;
use Heurema\Drafting\RoomElevations;
use Heurema\Drafting\WallCrossings;
use Heurema\Drafting\WallElevation;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use Heurema\Words\Message;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Heights that nearly agree, and what covers what on a wall. */
final class WallHeightsTest extends TestCase
{
    /** From 1 to 30 mm apart: just under, at and just over either end. */
    #[TestWith([0.9, 0])]
    #[TestWith([1.0, 1])]
    #[TestWith([30.0, 1])]
    #[TestWith([30.1, 0])]
    public function test_heads_that_nearly_agree(float $apart, int $said): void
    {
        $walls = self::walls(
            Sketch::room(4000, 3000)->window('w3', 2000, 1200, 1100, ['sill' => 900])->door('w2', 1600, 800, ['height' => 2000 + $apart]),
        );
        $found = NearHeights::of($walls);
        self::assertSame(array_fill(0, $said, 'elevation.heads'), self::keys($found));
    }

    public function test_worktops_undersides_tops_and_sills(): void
    {
        $walls = self::walls(
            Sketch::room(4000, 3000, 'kitchen')
                ->fixture('b1', 'base_cabinet', 600, 0, 90, 600, 600, ['height' => 870])
                ->fixture('b2', 'base_cabinet', 1200, 0, 90, 600, 600, ['height' => 880])
                ->fixture('u1', 'wall_cabinet', 600, 0, 90, 600, 350, ['base' => 1400, 'height' => 700])
                ->fixture('u2', 'wall_cabinet', 1200, 0, 90, 600, 350, ['base' => 1420, 'height' => 705])
                ->window('w3', 3000, 600, 1000, ['id' => 'n1', 'sill' => 900])
                ->window('w3', 1500, 600, 1200, ['id' => 'n2', 'sill' => 912]),
        );
        $keys = self::keys(NearHeights::of($walls));
        sort($keys);
        self::assertSame(['elevation.sills', 'elevation.tops', 'elevation.undersides', 'elevation.worktops'], $keys);
    }

    /** An upstand is none of the height of a worktop, but is seen over it. */
    public function test_worktops_agree_whatever_stands_up_behind_them(): void
    {
        $top = ['base' => 870, 'height' => 40];
        $walls = self::walls(
            Sketch::room(4000, 3000, 'kitchen')->fixture('a', 'counter', 600, 0, 90, 600, 625, [...$top, 'upstand' => 20])
                ->fixture('b', 'counter', 2000, 0, 90, 600, 625, $top),
        );
        self::assertSame([], NearHeights::of($walls));
        $tops = [];
        foreach ($walls as $wall) {
            foreach ($wall->wall === 'w1' ? $wall->fixtures : [] as $placed) {
                $tops[$placed->fixture->id()] = $placed->top();
            }
        }
        ksort($tops);
        self::assertEqualsWithDelta(['a' => 930.0, 'b' => 910.0], $tops, 1e-6);
    }

    public function test_a_room_whose_heights_agree_says_nothing(): void
    {
        $walls = self::walls(
            Sketch::room(4000, 3000, 'kitchen')
                ->fixture('b1', 'base_cabinet', 600, 0, 90, 600, 600, ['height' => 870])
                ->fixture('b2', 'base_cabinet', 1200, 0, 90, 600, 600, ['height' => 870.5])
                ->fixture('t', 'tall_cabinet', 2000, 0, 90, 600, 600, ['height' => 2200]),
        );
        self::assertSame([], NearHeights::of($walls));
    }

    /** A unit over a window by 5 mm touches it, by more it covers it; before a bare opening or beside the window it covers nothing. */
    #[TestWith([1895.0, 2000.0, 'w1', 0])]
    #[TestWith([1894.9, 2000.0, 'w1', 1])]
    #[TestWith([1400.0, 2000.0, 'w1', 1])]
    #[TestWith([1400.0, 3500.0, 'w1', 0])]
    #[TestWith([1400.0, 2000.0, 'w3', 0])]
    public function test_a_unit_over_a_window(float $base, float $at, string $wall, int $said): void
    {
        $walls = self::walls(
            Sketch::room(4000, 3000, 'kitchen')
                ->window($wall, $at + 100, 800, 1000, ['sill' => 900])
                ->fixture('u', 'wall_cabinet', 2000, 0, 90, 600, 350, ['base' => $base, 'height' => 700]),
        );
        self::assertSame(array_fill(0, $said, 'elevation.covers_opening'), self::keys(self::crossings($walls)));
    }

    public function test_a_mirror_over_a_switch_and_tiles_that_end_behind_a_basin(): void
    {
        $walls = self::walls(
            (new Sketch())->chain([[-100, -100], [4100, -100], [4100, 3100], [-100, 3100]], 200)
                ->use('r2', 'bathroom', 2000, 1500, ['tile_height' => 700])
                ->fixture('m', 'mirror', 2000, 0, 90, 600, 20, ['base' => 1000, 'height' => 800])
                ->fixture('s', 'switch', 2250, 0, 90, 80, 10, ['base' => 1050, 'height' => 80])
                ->fixture('far', 'switch', 3250, 0, 90, 80, 10, ['base' => 1050, 'height' => 80])
                ->fixture('b', 'lavatory', 1000, 0, 90, 500, 400, ['height' => 850]),
        );
        self::assertSame(['elevation.covers_fixture', 'elevation.tiles_end'], self::keys(self::crossings($walls)));
    }

    /** @return list<WallElevation> */
    private static function walls(Sketch $sketch): array
    {
        $home = new Home($sketch->layout());

        return RoomElevations::of($home->rooms[0], $home);
    }

    /**
     * @param list<WallElevation> $walls
     *
     * @return list<Message>
     */
    private static function crossings(array $walls): array
    {
        return array_merge(...array_map(WallCrossings::of(...), $walls));
    }

    /**
     * @param list<Message> $messages
     *
     * @return list<string>
     */
    private static function keys(array $messages): array
    {
        return array_map(static fn(Message $message): string => $message->key, $messages);
    }
}
