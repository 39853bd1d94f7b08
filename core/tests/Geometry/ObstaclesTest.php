<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Box;
use Heurema\Geometry\BoxGrid;
use Heurema\Geometry\Obstacles;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
use PHPUnit\Framework\TestCase;

final class ObstaclesTest extends TestCase
{
    public function test_nothing_is_near_where_nothing_is(): void
    {
        $none = new Obstacles([]);
        self::assertNull($none->nearest(new Point(3, 4)));
        self::assertNull($none->ray(new Point(3, 4), new Point(1, 0)));
        self::assertFalse($none->enter(self::square(0, 0, 10), 0));
    }

    public function test_the_line_to_the_nearest(): void
    {
        $meeting = self::wall()->nearest(new Point(500, 300));
        self::assertEqualsWithDelta([500.0, 1000.0], $meeting?->line->to->toArray(), 1e-9);
        self::assertEqualsWithDelta(700.0, $meeting?->distance, 1e-9);
    }

    public function test_a_front_meets_the_first_thing_over_its_whole_width(): void
    {
        // a wall across at y = 1000 from x = 0 to 1000, met by a front 400 wide that moves up
        $front = static fn(float $x): ?float => self::wall()->sweep(new Sweep(new Point($x, 0), new Point(0, 1), -200, 200))?->distance;
        self::assertEqualsWithDelta(1000.0, $front(500), 1e-9);
        self::assertEqualsWithDelta(1000.0, $front(1199), 1e-9, 'the last millimetre of the front');
        self::assertNull($front(1200), 'beside it');
    }

    public function test_a_front_does_not_meet_what_lies_behind_it(): void
    {
        self::assertNull(self::wall()->sweep(new Sweep(new Point(500, 1500), new Point(0, 1), -200, 200)));
    }

    public function test_far_away_is_found_as_well(): void
    {
        $far = new Obstacles([
            new Segment(new Point(0, 9_000_000), new Point(100, 9_000_000)),
            new Segment(new Point(0, -5), new Point(1, -5)),
        ]);
        self::assertEqualsWithDelta(9_000_000.0, $far->ray(new Point(50, 0), new Point(0, 1))?->distance, 1e-3);
    }

    public function test_whether_something_comes_into_a_ring_by_more_than_a_margin(): void
    {
        $ring = self::square(400, 999, 200);
        self::assertTrue(self::wall()->enter($ring, 0.5), 'the wall runs 1 mm above its lower side');
        self::assertFalse(self::wall()->enter($ring, 1.5));
        self::assertFalse(self::wall()->enter(self::square(400, 1000, 200), 0.001), 'along its side');
        self::assertFalse(self::wall()->enter(self::square(2000, 900, 200), 0.001));
    }

    public function test_boxes_are_found_by_a_point(): void
    {
        $grid = new BoxGrid([new Box(0, 0, 10, 10), new Box(5, 5, 300, 20), new Box(-4, -4, -1, -1)]);
        self::assertSame([0, 1], $grid->at(new Point(7, 7)));
        self::assertSame([1], $grid->at(new Point(299, 19)));
        self::assertSame([2], $grid->at(new Point(-1, -4)));
        self::assertSame([], $grid->at(new Point(11, 2)));
    }

    private static function wall(): Obstacles
    {
        return new Obstacles([new Segment(new Point(0, 1000), new Point(1000, 1000))]);
    }

    private static function square(float $x, float $y, float $side): Ring
    {
        return Ring::rectangle(new Point($x, $y), new Point($side, 0), new Point(0, $side));
    }
}
