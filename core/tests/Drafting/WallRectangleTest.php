<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\DrawnSize;
use Heurema\Drafting\WallPen;
use Heurema\Drafting\WallRectangle;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Home;
use Heurema\Spatial\Space;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WallRectangleTest extends TestCase
{
    /** @return iterable<string, array{DrawnSize, float}> what 4 by 3 m of 200 mm walls encloses, m² */
    public static function sizes(): iterable
    {
        yield 'outside' => [DrawnSize::Outside, 3.6 * 2.6];
        yield 'inside' => [DrawnSize::Inside, 4.0 * 3.0];
        yield 'middle' => [DrawnSize::Middle, 3.8 * 2.8];
    }

    #[DataProvider('sizes')]
    public function test_it_comes_to_the_same_from_any_corner(DrawnSize $size, float $area): void
    {
        foreach ([[0, 0, 4000, 3000], [4000, 3000, 0, 0], [0, 3000, 4000, 0], [4000, 0, 0, 3000]] as [$x, $y, $toX, $toY]) {
            $layout = self::draw((new Sketch())->layout(), new Point($x, $y), new Point($toX, $toY), $size);
            self::assertEqualsWithDelta([$area * 1e6], self::areas($layout), 1.0);
        }
    }

    /** @return iterable<string, array{DrawnSize, int, int}> */
    public static function neighbours(): iterable
    {
        foreach (DrawnSize::cases() as $size) {
            foreach ([[1, 0], [-1, 0], [0, 1], [0, -1]] as [$right, $up]) {
                yield "{$size->value} {$right} {$up}" => [$size, $right, $up];
            }
        }
    }

    #[DataProvider('neighbours')]
    public function test_beside_another_the_wall_between_is_shared(DrawnSize $size, int $right, int $up): void
    {
        $first = self::draw((new Sketch())->layout(), new Point(0, 0), new Point(4000, 3000), $size);
        // from the corner of the first one to the next one's, in all four directions
        $corner = new Point($right < 0 ? 0 : 4000, $up < 0 ? 0 : 3000);
        $opposite = new Point($right === 0 ? 0 : $corner->x + $right * 2500, $up === 0 ? 0 : $corner->y + $up * 2000);
        $layout = self::draw($first, $corner, $opposite, $size);
        self::assertCount(7, $layout->storeys[0]->walls, 'four and three');
        self::assertCount(2, self::areas($layout));
        self::assertEqualsWithDelta(self::areas($first)[0], max(0.0, ...self::areas($layout)), 1.0);
    }

    public function test_a_wall_longer_than_the_side_and_one_shorter_are_shared_too(): void
    {
        $layout = (new Sketch())->wall([0, 0], [9000, 0])->layout();
        $layout = self::draw($layout, new Point(2000, 0), new Point(5000, 3000), DrawnSize::Middle, 100);
        self::assertCount(4, $layout->storeys[0]->walls);
        self::assertEqualsWithDelta([2900.0 * 2900], self::areas($layout), 1.0);
        // the first one's right side is 3 m, the next one's left side 5 m: what is missing is drawn
        $layout = self::draw($layout, new Point(5000, 0), new Point(8000, 5000), DrawnSize::Middle, 100);
        self::assertCount(2, self::areas($layout));
        self::assertEqualsWithDelta([2900.0 * 2900, 2900.0 * 4900], self::areas($layout), 1.0);
    }

    public function test_what_has_no_size_or_stands_already_is_refused(): void
    {
        $layout = self::draw((new Sketch())->layout(), new Point(0, 0), new Point(4000, 3000), DrawnSize::Middle);
        foreach ([
            [new Point(4000, 0), 'some length'],
            [new Point(4000, 200), 'some length'],
            [new Point(4000, 3000), 'already'],
        ] as [$opposite, $why]) {
            try {
                self::draw($layout, new Point(0, 0), $opposite, DrawnSize::Middle);
                self::fail('Not refused.');
            } catch (RefusedEdit $e) {
                self::assertStringContainsString($why, $e->getMessage());
            }
        }
    }

    private static function draw(Layout $layout, Point $from, Point $to, DrawnSize $size, float $thickness = 200): Layout
    {
        $taken = count($layout->storeys[0]->walls);
        $ids = array_map(static fn(int $number): string => 'n'.($taken + $number), range(1, WallRectangle::IDS));

        return (new Editor())->apply(
            $layout,
            (new WallRectangle($layout->storeys[0], new WallPen(WallType::Exterior, $thickness), $size))->between($ids, $from, $to),
        )->layout;
    }

    /** @return list<float> of what is enclosed, ascending, mm² */
    private static function areas(Layout $layout): array
    {
        $areas = array_map(static fn(Space $space): float => $space->outline->area(), (new Home($layout))->plans['G']->spaces);
        sort($areas);

        return $areas;
    }
}
