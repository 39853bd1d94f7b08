<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

/** Rooms between finished faces; each expected area is worked by hand beside it. */
final class RoomOutlineTest extends TestCase
{
    public function test_a_rectangle_between_walls_of_one_thickness(): void
    {
        // centre lines 4200 x 3200, walls 200: (4200 - 200) x (3200 - 200) = 4000 x 3000
        $home = (new Sketch())->chain([[0, 0], [4200, 0], [4200, 3200], [0, 3200]], 200)->use('r', 'bedroom', 2000, 1500)->home();
        self::assertArea(12.0, $home, 'r');
    }

    public function test_walls_of_four_thicknesses(): void
    {
        // left 300, right 100, bottom 240, top 160: width 5000 - 150 - 50 = 4800, depth 4000 - 120 - 80 = 3800
        $home = (new Sketch())
            ->wall([0, 0], [5000, 0], 240)
            ->wall([5000, 0], [5000, 4000], 100)
            ->wall([5000, 4000], [0, 4000], 160)
            ->wall([0, 4000], [0, 0], 300)
            ->use('r', 'bedroom', 2000, 1500)->home();
        self::assertArea(4.8 * 3.8, $home, 'r');
    }

    public function test_an_l_shape(): void
    {
        // outer legs between faces: 6000 x 5000 less the corner 2000 x 3000. Walls 200 around it:
        // clear 5800 x 4800 less the re-entrant part, whose faces stand 100 out into the room: 2000 x 3000
        $home = (new Sketch())
            ->chain([[0, 0], [6000, 0], [6000, 2000], [4000, 2000], [4000, 5000], [0, 5000]], 200)
            ->use('r', 'living', 1000, 1000)
            ->home();
        self::assertArea(5.8 * 4.8 - 2.0 * 3.0, $home, 'r');
    }

    public function test_a_tee_parts_two_rooms(): void
    {
        // 6000 x 3000 inside 200 walls, parted at x = 2500 by 100: 2350 x 2800 and 3350 x 2800
        $home = (new Sketch())->chain([[0, 0], [6000, 0], [6000, 3000], [0, 3000]], 200)->wall([2500, 0], [2500, 3000], 100)
            ->use('a', 'study', 1000, 1000)->use('b', 'bedroom', 4000, 1000)->home();
        self::assertArea(2.35 * 2.8, $home, 'a');
        self::assertArea(3.35 * 2.8, $home, 'b');
    }

    public function test_a_cross_of_walls_makes_four_rooms(): void
    {
        // 8000 x 6000 inside 200 walls; a 100 wall at x = 3000 and a 150 wall at y = 2000 cross
        $home = (new Sketch())
            ->chain([[0, 0], [8000, 0], [8000, 6000], [0, 6000]], 200)
            ->wall([3000, 0], [3000, 6000], 100)
            ->wall([0, 2000], [8000, 2000], 150)
            ->use('a', 'study', 1000, 1000)
            ->use('b', 'bedroom', 5000, 1000)
            ->use('c', 'living', 1000, 4000)
            ->use('d', 'kitchen', 5000, 4000)
            ->home();
        self::assertArea((3.0 - 0.1 - 0.05) * (2.0 - 0.1 - 0.075), $home, 'a');
        self::assertArea((5.0 - 0.05 - 0.1) * (2.0 - 0.1 - 0.075), $home, 'b');
        self::assertArea((3.0 - 0.1 - 0.05) * (4.0 - 0.075 - 0.1), $home, 'c');
        self::assertArea((5.0 - 0.05 - 0.1) * (4.0 - 0.075 - 0.1), $home, 'd');
    }

    public function test_a_divider_parts_without_taking_floor(): void
    {
        $home = Sketch::room(6000, 4000, 'kitchen')->wall([2500, -100], [2500, 4100], 0, 'divider')->use('b', 'living', 5000, 1000)
            ->with([
                'rooms' => [
                    ['id' => 'a', 'use' => 'kitchen', 'at' => [1000, 1000]],
                    ['id' => 'b', 'use' => 'living', 'at' => [5000, 1000]],
                ],
            ])->home();
        self::assertArea(10.0, $home, 'a');
        self::assertArea(14.0, $home, 'b');
    }

    public function test_an_oblique_wall(): void
    {
        // a right triangle of centre lines 4000 x 3000 x 5000 with walls 200: the inner triangle is similar, its incircle
        // radius (4000 + 3000 - 5000) / 2 = 1000 less 100, so its area is 6 m2 x (0.9)2
        $home = (new Sketch())->chain([[0, 0], [4000, 0], [0, 3000]], 200)->use('r', 'storage', 900, 900)->home();
        self::assertArea(6.0 * 0.81, $home, 'r');
    }

    public function test_a_wall_that_stops_inside_takes_its_own_floor_only(): void
    {
        $home = Sketch::room(5000, 4000)->wall([2000, -100], [2000, 1500], 100)->home();
        self::assertArea(20.0 - 0.1 * 1.5, $home, 'r');
    }

    public function test_a_courtyard_is_a_hole(): void
    {
        // a ring of rooms around a 2000 x 2000 court between faces, its walls 200
        $home = Sketch::room(8000, 8000, 'living')->chain([[2900, 2900], [5100, 2900], [5100, 5100], [2900, 5100]], 200)
            ->with([
                'rooms' => [
                    ['id' => 'r', 'use' => 'living', 'at' => [1000, 1000]],
                    ['id' => 'c', 'use' => 'terrace', 'at' => [4000, 4000]],
                ],
            ])->home();
        self::assertArea(64.0 - 2.4 * 2.4, $home, 'r');
        self::assertArea(4.0, $home, 'c');
    }

    public function test_small_gaps_between_walls_are_closed(): void
    {
        $home = (new Sketch())
            ->wall([0, 0], [4200, 0], 200)
            ->wall([4204, 3], [4200, 3200], 200)
            ->wall([4200, 3200], [5, 3200], 200)
            ->wall([0, 3200], [0, 110], 200)
            ->use('r', 'bedroom', 2000, 1500)->home();
        self::assertNotNull($home->rooms[0]->outline());
        self::assertEqualsWithDelta(12.0, $home->rooms[0]->outline()->area() / 1e6, 0.05);
    }

    public function test_removed_walls_stand_no_more(): void
    {
        $home = Sketch::room(6000, 3000)->wall([2500, -100], [2500, 3100], 100, 'interior', ['status' => 'removed'])->home();
        self::assertArea(18.0, $home, 'r');
    }

    public function test_a_room_with_no_walls_around_it_has_no_outline(): void
    {
        $home = Sketch::room(4000, 3000)->use('lost', 'study', 9000, 9000)->home();
        self::assertNull($home->rooms[1]->outline());
        self::assertSame('walls closed around lost.at', $home->rooms[1]->outlineProblem());
    }

    public function test_two_uses_in_one_space_leave_both_open(): void
    {
        $home = Sketch::room(4000, 3000)->use('b', 'study', 500, 500)->home();
        self::assertNull($home->rooms[0]->outline());
        self::assertSame('a wall or divider between R and B', $home->rooms[0]->outlineProblem());
    }

    private static function assertArea(float $squareMetres, Home $home, string $id): void
    {
        $outline = $home->plans['G']->rooms[$id]->outline();
        self::assertNotNull($outline);
        self::assertEqualsWithDelta($squareMetres, $outline->area() / 1e6, 1e-6);
    }
}
