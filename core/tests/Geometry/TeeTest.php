<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TeeTest extends TestCase
{
    /** @return iterable<string, array{float, float, bool}> width and depth of a rectangle, and whether a T of 1500 finds room in it */
    public static function rectangles(): iterable
    {
        yield 'just as large' => [1500, 1500, true];
        yield 'too narrow by a millimetre' => [1499, 1500, false];
        yield 'too shallow by a millimetre' => [1500, 1499, false];
        yield 'larger' => [4000, 1600, true];
    }

    #[DataProvider('rectangles')]
    public function test_in_a_rectangle(float $width, float $depth, bool $fits): void
    {
        $floor = new Polygon(self::ring([[0, 0], [$width, 0], [$width, $depth], [0, $depth]]));
        foreach (self::directions() as $along) {
            self::assertSame($fits, (new Tee(1500, 900))->in($floor, $along) instanceof Ring);
        }
    }

    public function test_a_floor_of_its_own_shape(): void
    {
        // a bar of 1500 by 900 at the top, a stem of 900 below it down to 1500
        $floor = new Polygon(self::ring([[300, 0], [1200, 0], [1200, 600], [1500, 600], [1500, 1500], [0, 1500], [0, 600], [300, 600]]));
        $found = array_values(array_filter(array_map(
            static fn(Point $along): ?Ring => (new Tee(1500, 900))->in($floor, $along),
            self::directions(),
        )));
        self::assertCount(1, $found, 'turned once it fits, else not');
        self::assertEqualsWithDelta(1500 * 900 + 900 * 600, abs($found[0]->area()), 1e-6);
        self::assertNull((new Tee(1500, 901))->in($floor, new Point(1, 0)));
        self::assertNull((new Tee(1501, 900))->in($floor, new Point(1, 0)));
    }

    public function test_the_corners_beside_the_stem_may_be_taken(): void
    {
        $corner = static fn(float $width): Polygon => new Polygon(
            self::ring([[0, 0], [1500, 0], [1500, 1500], [0, 1500]]),
            [self::ring([[1, 1], [1, 599], [$width, 599], [$width, 1]])],
        );
        self::assertInstanceOf(Ring::class, (new Tee(1500, 900))->in($corner(299), new Point(1, 0)));
        self::assertNull((new Tee(1500, 900))->in($corner(301), new Point(1, 0)));
    }

    public function test_on_a_turned_floor(): void
    {
        [$cos, $sin] = [cos(deg2rad(30)), sin(deg2rad(30))];
        $turned = static fn(float $size): Polygon => new Polygon(new Ring(array_map(
            static fn(array $corner): Point => new Point($corner[0] * $cos - $corner[1] * $sin, $corner[0] * $sin + $corner[1] * $cos),
            [[0, 0], [$size, 0], [$size, $size], [0, $size]],
        )));
        self::assertInstanceOf(Ring::class, (new Tee(1500, 900))->in($turned(1500.001), new Point($cos, $sin)));
        self::assertNull((new Tee(1500, 900))->in($turned(1499), new Point($cos, $sin)));
        self::assertNull((new Tee(1500, 900))->in($turned(1500.001), new Point(1, 0)), 'straight on the page it does not');
    }

    /** @return list<Point> */
    private static function directions(): array
    {
        return [new Point(1, 0), new Point(0, 1), new Point(-1, 0), new Point(0, -1)];
    }

    /** @param non-empty-list<array{float|int, float|int}> $corners */
    private static function ring(array $corners): Ring
    {
        return new Ring(array_map(static fn(array $corner): Point => new Point($corner[0], $corner[1]), $corners));
    }
}
