<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Box;
use Heurema\Geometry\BoxGrid;
use PHPUnit\Framework\TestCase;

final class BoxGridTest extends TestCase
{
    /** Against looking at all of them. */
    public function test_it_finds_all_boxes_that_overlap_and_no_others(): void
    {
        mt_srand(7);
        $box = static function (): Box {
            [$x, $y] = [mt_rand(-9000, 9000), mt_rand(-9000, 9000)];

            return new Box($x, $y, $x + mt_rand(0, 4000), $y + mt_rand(0, mt_rand(1, 9000)));
        };
        $boxes = array_map(static fn(): Box => $box(), range(1, 300));
        $grid = new BoxGrid($boxes);
        for ($try = 0; $try < 200; ++$try) {
            $asked = $box();
            $expected = array_keys(array_filter($boxes, static fn(Box $one): bool => $one->overlaps($asked)));
            $found = array_values(array_unique(array_filter(
                $grid->overlapping($asked),
                static fn(int $number): bool => $boxes[$number]->overlaps($asked),
            )));
            sort($found);
            self::assertSame($expected, $found);
        }
        self::assertSame([], (new BoxGrid([]))->overlapping(new Box(0, 0, 1, 1)));
    }
}
