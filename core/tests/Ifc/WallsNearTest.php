<?php

declare(strict_types=1);

namespace Heurema\Tests\Ifc;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Ifc\Mapping\DrawnWall;
use Heurema\Ifc\Mapping\WallsNear;
use Heurema\Layout\Words\WallType;
use PHPUnit\Framework\TestCase;

/** Walls are found by where they are as if all had been looked at. */
final class WallsNearTest extends TestCase
{
    public function test_the_nearest_face_is_that_of_all_walls(): void
    {
        mt_srand(7);
        self::assertSame(INF, (new WallsNear([]))->distanceTo(new Point(0, 0)));
        for ($round = 0; $round < 40; ++$round) {
            $walls = [];
            for ($number = 0, $count = mt_rand(1, 60); $number < $count; ++$number) {
                $from = new Point(mt_rand(0, 40_000), mt_rand(0, 40_000));
                $to = $from->plus(Point::towards(mt_rand(0, 359))->times(mt_rand(100, 9000)));
                $walls[] = new DrawnWall(null, "w{$number}", new Segment($from, $to), mt_rand(50, 400), WallType::Interior);
            }
            $near = new WallsNear($walls);
            foreach (range(1, 20) as $place) {
                $place = new Point(mt_rand(-60_000, 90_000), mt_rand(-60_000, 90_000));
                $expected = min([INF, ...array_map(
                    static fn(DrawnWall $wall): float => max(0.0, $wall->line->distanceTo($place) - $wall->thickness / 2),
                    $walls,
                )]);
                self::assertSame($expected, $near->distanceTo($place));
            }
        }
    }
}
