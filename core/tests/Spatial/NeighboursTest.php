<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Geometry\Polygon;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

final class NeighboursTest extends TestCase
{
    public function test_each_stretch_of_a_face_knows_what_is_behind_it(): void
    {
        // 6000 x 3000; a wall 100 at x = 2500 parts off A; B's face to A runs over the whole depth
        $home = self::parted();
        self::assertEqualsWithDelta(['outside' => 2450.0 * 2 + 3000, 'R' => 3000.0], self::behind($home, 'b'), 1e-6);
        self::assertEqualsWithDelta(['outside' => 3450.0 * 2 + 3000, 'B' => 3000.0], self::behind($home, 'r'), 1e-6);
    }

    public function test_two_rooms_behind_one_face(): void
    {
        $home = Sketch::room(6000, 5000)->wall([2500, -100], [2500, 5100])->wall([-100, 2000], [2500, 2000])
            ->with([
                'rooms' => [
                    ['id' => 'a', 'name' => 'A', 'use' => 'study', 'at' => [500, 500]],
                    ['id' => 'b', 'name' => 'B', 'use' => 'bedroom', 'at' => [500, 4000]],
                    ['id' => 'c', 'name' => 'C', 'use' => 'living', 'at' => [4000, 1000]],
                ],
            ])->home();
        $behind = self::behind($home, 'c');
        self::assertEqualsWithDelta(1950.0, $behind['A'] ?? 0.0, 1e-6);
        self::assertEqualsWithDelta(2950.0, $behind['B'] ?? 0.0, 1e-6);
    }

    public function test_across_a_divider(): void
    {
        $home = Sketch::room(6000, 4000)->wall([2500, -100], [2500, 4100], 0, 'divider')->use('b', 'living', 500, 500)->home();
        self::assertEqualsWithDelta(4000.0, self::behind($home, 'r')['B'] ?? 0.0, 1e-6);
        self::assertEqualsWithDelta(4000.0, self::behind($home, 'b')['R'] ?? 0.0, 1e-6);
    }

    public function test_stretches_lie_on_the_rooms_own_face(): void
    {
        foreach (self::parted()->plans['G']->neighbours(self::parted()->rooms[0]) as $neighbour) {
            foreach ([$neighbour->stretch->from, $neighbour->stretch->to] as $point) {
                $on = array_filter(
                    self::parted()->rooms[0]->outline()?->edges() ?? [],
                    static fn($edge): bool => $edge->distanceTo($point) < 1e-6,
                );
                self::assertNotSame([], $on);
            }
        }
    }

    public function test_inner_floor_counts_partitions_and_leaves_out_what_is_open(): void
    {
        self::assertEqualsWithDelta(18.0, self::inner(self::parted()), 1e-6);
        $court = Sketch::room(8000, 8000, 'living')->chain([[2900, 2900], [5100, 2900], [5100, 5100], [2900, 5100]], 200)
            ->with([
                'rooms' => [
                    ['id' => 'r', 'use' => 'living', 'at' => [1000, 1000]],
                    ['id' => 'c', 'use' => 'terrace', 'at' => [4000, 4000]],
                ],
            ]);
        self::assertEqualsWithDelta(64.0 - 2.4 * 2.4, self::inner($court->home()), 1e-6);
    }

    public function test_two_buildings_on_one_storey(): void
    {
        $home = Sketch::room(4000, 3000)
            ->chain([[9900, -100], [12100, -100], [12100, 2100], [9900, 2100]], 200)
            ->use('s', 'storage', 11000, 1000)
            ->home();
        self::assertEqualsWithDelta(12.0 + 4.0, self::inner($home), 1e-6);
        self::assertEqualsWithDelta(4.0, ($home->plans['G']->rooms['s']->outline()?->area() ?? 0) / 1e6, 1e-6);
        self::assertEqualsWithDelta(8000.0, $home->plans['G']->rooms['s']->outline()?->perimeter(), 1e-6);
    }

    private static function parted(): Home
    {
        return Sketch::room(6000, 3000)->wall([2500, -100], [2500, 3100])->use('b', 'study', 500, 500)->home();
    }

    /** @return array<string, float> how much face has what behind it, mm */
    private static function behind(Home $home, string $room): array
    {
        $lengths = [];
        foreach ($home->plans['G']->neighbours($home->plans['G']->rooms[$room]) as $neighbour) {
            $lengths[$neighbour->beyond->words()] = ($lengths[$neighbour->beyond->words()] ?? 0.0) + $neighbour->stretch->length();
        }

        return $lengths;
    }

    /** In square metres. */
    private static function inner(Home $home): float
    {
        return array_sum(array_map(static fn(Polygon $part): float => $part->area(), $home->plans['G']->innerFloor())) / 1e6;
    }
}
