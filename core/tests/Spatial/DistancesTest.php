<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Geometry\LargestCircle;
use Heurema\Geometry\Polygon;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\FreeFloor;
use Heurema\Spatial\SaidSize;
use Heurema\Spatial\WallDatum;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

final class DistancesTest extends TestCase
{
    public function test_each_datum_of_a_wall_gives_its_own_distance(): void
    {
        // centre lines 4200 apart; walls 200 and 300, the second with 12.5 of lining towards the first
        [$left, $right] = (new Sketch())->wall([0, 3000], [0, 0], 200, 'exterior', ['lining' => [15, 0]])->wall(
            [4200, 0],
            [4200, 3000],
            300,
            'exterior',
            ['lining' => [12.5, 20]],
        )
            ->layout()->storeys[0]->walls;
        self::assertSame(4200.0, WallDatum::Centre->between($left, $right));
        self::assertSame(4200.0 - 100 - 150, WallDatum::Finished->between($left, $right));
        self::assertSame(4200.0 - 85 - 137.5, WallDatum::Structure->between($left, $right));
        self::assertSame(WallDatum::Structure->between($left, $right), WallDatum::Structure->between($right, $left));
    }

    public function test_a_room_that_came_out_smaller_than_was_said(): void
    {
        $room = Sketch::room(3950, 3000)->home()->rooms[0];
        self::assertSame([50.0, 0.0], (new SaidSize(3000, 4000))->shortfall($room));
        self::assertSame(
            [-150.0, -200.0],
            (new SaidSize(4000, 3000, WallDatum::Centre))->shortfall($room),
            'between wall middles 200 go to the walls',
        );
        self::assertNull((new SaidSize(4000, 3000))->shortfall(
            Sketch::room(3950, 3000)->use('lost', 'study', 9000, 9000)->home()->rooms[1],
        ));
    }

    public function test_free_floor_leaves_out_what_stands_on_it(): void
    {
        $home = Sketch::room(4000, 3000)->fixture('a', 'bed', 1000, 0, 90, 1000, 2000)->fixture(
            'b',
            'wall_cabinet',
            3000,
            0,
            90,
            1000,
            400,
            ['base' => 2000],
        )
            ->fixture('c', 'wardrobe', 4000, 2000, 180, 1000, 600, ['status' => 'removed'])->home();
        self::assertEqualsWithDelta(
            10.0,
            array_sum(array_map(static fn(Polygon $part): float => $part->area(), FreeFloor::of($home->rooms[0], $home))) / 1e6,
            1e-9,
        );
    }

    public function test_a_turned_fixture_takes_its_own_area(): void
    {
        $home = Sketch::room(4000, 3000)->fixture('a', 'table', 2000, 1000, 37, 800, 600)->home();
        [$floor] = FreeFloor::of($home->rooms[0], $home);
        self::assertEqualsWithDelta(12.0 - 0.48, $floor->area() / 1e6, 1e-9);
        self::assertCount(1, $floor->holes);
    }

    public function test_a_row_of_things_parts_the_free_floor(): void
    {
        $home = Sketch::room(4000, 3000)->fixture('a', 'wardrobe', 2000, 0, 90, 600, 3000)->home();
        $parts = FreeFloor::of($home->rooms[0], $home);
        self::assertCount(2, $parts);
        self::assertEqualsWithDelta(850.0, LargestCircle::in($parts[0])['radius'], 1.0);
    }

    public function test_the_sector_of_a_leaf(): void
    {
        $said = ['operation' => 'hinged', 'hinge' => 'to', 'opens' => 'right'];
        [$leaf] = DoorLeaf::of(Sketch::room(4000, 3000)->door('w1', 2000, 800, $said)->home()->openings[0]);
        // w1 runs along y = −100; seen along it right is outside, so the leaf hangs on y = −200 at x = 1900 + 400
        self::assertEqualsWithDelta(
            [[2300.0, -200.0], [1500.0, -200.0], [2300.0, -1000.0]],
            [$leaf->hinge->toArray(), $leaf->closed->toArray(), $leaf->open->toArray()],
            1e-9,
        );
        self::assertEqualsWithDelta(M_PI / 4 * 0.64, $leaf->sector->area() / 1e6, 0.002, 'a quarter circle of 800');
        self::assertCount(
            2,
            DoorLeaf::of(
                Sketch::room(4000, 3000)->door('w1', 2000, 1600, ['operation' => 'double_hinged', 'opens' => 'left'])->home()->openings[0],
            ),
        );
        self::assertSame([], DoorLeaf::of(Sketch::room(4000, 3000)->door('w1', 2000, 800, ['operation' => 'pocket'])->home()->openings[0]));
    }
}
