<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use PHPUnit\Framework\TestCase;

final class PolygonTest extends TestCase
{
    public function test_what_of_a_line_lies_in_it(): void
    {
        $square = Ring::rectangle(new Point(0, 0), new Point(10, 0), new Point(0, 10));
        $hole = new Ring([new Point(4, 4), new Point(4, 6), new Point(6, 6), new Point(6, 4)]);
        $across = new Segment(new Point(-5, 5), new Point(-4, 5));
        self::assertEquals([new Segment(new Point(0, 5), new Point(10, 5))], (new Polygon($square))->chords($across));
        self::assertEquals(
            [new Segment(new Point(0, 5), new Point(4, 5)), new Segment(new Point(6, 5), new Point(10, 5))],
            (new Polygon($square, [$hole]))->chords($across),
        );
        self::assertSame([], (new Polygon($square))->chords(new Segment(new Point(0, 11), new Point(1, 11))));
    }

    public function test_chords_are_as_long_as_their_points_say_in_any_direction(): void
    {
        $shape = new Polygon(new Ring(array_map(
            static fn(array $corner): Point => new Point($corner[0], $corner[1]),
            [[0, 0], [9, 0], [9, 3], [4, 3], [4, 5], [9, 5], [9, 8], [0, 8]],
        )));
        foreach (range(0, 350, 10) as $degrees) {
            $line = new Segment(new Point(3.1, 4.2), (new Point(3.1, 4.2))->plus(Point::towards($degrees + 0.5)));
            $inside = 0.0;
            foreach (range(-2000, 2000) as $step) {
                $inside += $shape->contains($line->at($step / 100)) ? 0.01 : 0.0;
            }
            $chords = array_sum(array_map(static fn(Segment $chord): float => $chord->length(), $shape->chords($line)));
            self::assertEqualsWithDelta($inside, $chords, 0.05, "{$degrees} degrees");
        }
    }
}
