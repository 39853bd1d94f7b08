<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\Arrangement;
use Heurema\Geometry\Face;
use Heurema\Geometry\Line;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\WindowClip;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WindowClipTest extends TestCase
{
    /** A grid of walls as rooms leave it: a plate with holes, under windows of 3 to 7 corners anywhere and at any angle. */
    public function test_it_finds_the_parts_that_an_arrangement_finds(): void
    {
        mt_srand(14);
        for ($round = 0; $round < 400; ++$round) {
            $holes = [];
            foreach (range(0, mt_rand(0, 8)) as $number) {
                [$x, $y] = [500 + 3000 * ($number % 3), 500 + 3000 * intdiv($number, 3)];
                $holes[] = self::turned(Ring::rectangle(
                    new Point($x + mt_rand(0, 300), $y + mt_rand(0, 300)),
                    new Point(mt_rand(900, 2500), 0),
                    new Point(0, mt_rand(900, 2500)),
                ));
            }
            $plate = new Polygon(Ring::rectangle(new Point(0, 0), new Point(10000, 0), new Point(0, 10000)), $holes);
            $window = Ring::circle(
                new Point(mt_rand(-1000, 11000) + 0.37, mt_rand(-1000, 11000) + 0.61),
                mt_rand(50, 7000) + 0.13,
                mt_rand(3, 7),
            );
            $parts = WindowClip::parts($plate, $window);
            self::assertNotNull($parts);
            $expected = (new Arrangement([
                ...Line::aroundPolygon($plate, 0, 0),
                ...Line::around($window, 0, 1),
            ]))->polygons(static fn(Face $face): bool => $face->depth(0) > 0 && $face->depth(1) > 0);
            self::assertEqualsWithDelta(self::areas($expected), self::areas($parts), 0.1, "round {$round}");
        }
    }

    /** @return iterable<string, array{Ring}> */
    public static function touching(): iterable
    {
        yield 'a corner on an edge' => [self::box(2000, 2000, 5000, 3000)];
        yield 'a side along an edge' => [self::box(3000, 4000, 3500, 5000)];
        yield 'a corner on a corner' => [self::box(1000, 1000, 3000, 3000)];
        yield 'an edge within a millionth of a millimetre' => [self::box(3000 + 5e-7, 4000, 3500, 5000)];
    }

    #[DataProvider('touching')]
    public function test_it_does_not_tell_where_an_edge_touches_the_window(Ring $window): void
    {
        $plate = new Polygon(self::box(0, 0, 10000, 10000), [self::turned(self::box(3000, 3000, 7000, 7000))]);
        self::assertNull(WindowClip::parts($plate, $window));
    }

    public function test_windows_without_anything_and_with_everything(): void
    {
        $plate = new Polygon(self::box(0, 0, 10000, 10000), [self::turned(self::box(3000, 3000, 7000, 7000))]);
        self::assertSame([], WindowClip::parts($plate, self::box(4000, 4000, 5000, 5000)));
        self::assertSame([], WindowClip::parts($plate, self::box(20000, 0, 21000, 1000)));
        self::assertEquals([$plate], WindowClip::parts($plate, self::box(-1, -1, 10001, 10001)));
        self::assertEquals([new Polygon(self::box(100, 100, 200, 200))], WindowClip::parts($plate, self::box(100, 100, 200, 200)));
    }

    /**
     * @param list<Polygon> $parts
     *
     * @return list<float> ascending, mm²
     */
    private static function areas(array $parts): array
    {
        $areas = array_map(static fn(Polygon $part): float => $part->area(), $parts);
        sort($areas);

        return $areas;
    }

    private static function box(float $left, float $bottom, float $right, float $top): Ring
    {
        return Ring::rectangle(new Point($left, $bottom), new Point($right - $left, 0), new Point(0, $top - $bottom));
    }

    private static function turned(Ring $ring): Ring
    {
        return new Ring(array_reverse($ring->points));
    }
}
