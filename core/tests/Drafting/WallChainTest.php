<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\WallBeside;
use Heurema\Drafting\WallChain;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Home;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WallChainTest extends TestCase
{
    private const CORNERS = [[0, 0], [4000, 0], [4000, 3000], [0, 3000]];

    /** @return iterable<string, array{WallBeside, float}> the floor in m² inside a chain of 200 mm walls drawn around 4 by 3 m */
    public static function sides(): iterable
    {
        yield 'along their middle' => [WallBeside::Centred, 3.8 * 2.8];
        yield 'along their outer face: the walls lie to the left of a ring drawn counter-clockwise' => [WallBeside::Left, 3.6 * 2.6];
        yield 'along their inner face' => [WallBeside::Right, 4.0 * 3.0];
    }

    #[DataProvider('sides')]
    public function test_a_chain_closes_a_room_of_the_size_that_was_meant(WallBeside $beside, float $area): void
    {
        $layout = self::empty();
        foreach (self::CORNERS as $number => [$x, $y]) {
            [$toX, $toY] = self::CORNERS[($number + 1) % 4];
            $chain = new WallChain($layout->storeys[0], 200, WallType::Exterior, $beside);
            $layout = (new Editor(new LayoutReader()))->apply($layout, $chain->next("w{$number}", new Point($x, $y), new Point($toX, $toY)))->layout;
        }
        $spaces = (new Home($layout))->plans['G']->spaces;
        self::assertCount(1, $spaces);
        self::assertEqualsWithDelta($area * 1e6, $spaces[0]->outline->area(), 1.0);
    }

    #[DataProvider('sides')]
    public function test_a_rectangle_comes_to_the_same_from_any_corner(WallBeside $beside, float $area): void
    {
        foreach ([[0, 0, 4000, 3000], [4000, 3000, 0, 0], [0, 3000, 4000, 0]] as [$x, $y, $toX, $toY]) {
            $layout = self::empty();
            $edit = (new WallChain($layout->storeys[0], 200, WallType::Exterior, $beside))->rectangle(['a', 'b', 'c', 'd'], new Point($x, $y), new Point($toX, $toY));
            $spaces = (new Home((new Editor(new LayoutReader()))->apply($layout, $edit)->layout))->plans['G']->spaces;
            self::assertEqualsWithDelta($area * 1e6, $spaces[0]->outline->area(), 1.0);
        }
    }

    public function test_what_has_no_size_is_refused(): void
    {
        $chain = new WallChain(self::empty()->storeys[0], 200, WallType::Interior, WallBeside::Left);
        foreach ([
            static fn() => $chain->next('w', new Point(0, 0), new Point(0.5, 0)),
            static fn() => $chain->rectangle(['a', 'b', 'c', 'd'], new Point(0, 0), new Point(4000, 0)),
            static fn() => $chain->rectangle(['a', 'b', 'c', 'd'], new Point(0, 0), new Point(4000, 200)),
        ] as $draw) {
            try {
                $draw();
                self::fail('Not refused.');
            } catch (RefusedEdit $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    public function test_a_divider_has_no_thickness(): void
    {
        $layout = self::empty();
        $edit = (new WallChain($layout->storeys[0], 100, WallType::Divider, WallBeside::Centred))->next('w', new Point(0, 0), new Point(1000, 0));
        self::assertSame(0.0, (new Editor(new LayoutReader()))->apply($layout, $edit)->layout->storeys[0]->walls[0]->thickness);
    }

    private static function empty(): Layout
    {
        return (new LayoutReader())->read('{"format": "heurema-layout", "version": 1, "name": "Empty", "units": "metric", "storeys": [{"id": "G", "name": "Ground"}]}');
    }
}
