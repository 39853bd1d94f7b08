<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\WallBeside;
use Heurema\Drafting\WallChain;
use Heurema\Drafting\WallPen;
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
            $chain = new WallChain($layout->storeys[0], new WallPen(WallType::Exterior, 200), $beside);
            $layout = (new Editor())->apply($layout, $chain->next("w{$number}", new Point($x, $y), new Point($toX, $toY)))->layout;
        }
        $spaces = (new Home($layout))->plans['G']->spaces;
        self::assertCount(1, $spaces);
        self::assertEqualsWithDelta($area * 1e6, $spaces[0]->outline->area(), 1.0);
    }

    public function test_what_has_no_size_is_refused(): void
    {
        $this->expectException(RefusedEdit::class);
        (new WallChain(
            self::empty()->storeys[0],
            new WallPen(WallType::Interior, 200),
            WallBeside::Left,
        ))->next('w', new Point(0, 0), new Point(0.5, 0));
    }

    /**
     * @return iterable<string, array{WallBeside, float, float, bool}> which face is drawn along, the way round, and whether it is the outer
     *                                                                 one
     */
    public static function closed(): iterable
    {
        foreach ([90.0, 200.0, 165.1] as $thickness) {
            foreach ([0.0, 33.0, 301.7] as $turn) {
                yield "{$thickness} along the outer faces, turned {$turn}" => [WallBeside::Left, $thickness, $turn, true];
                yield "{$thickness} along the inner faces, turned {$turn}" => [WallBeside::Right, $thickness, $turn, false];
            }
        }
    }

    #[DataProvider('closed')]
    public function test_typed_legs_are_exact_on_the_drawn_face_and_the_last_corner_is_mitred(
        WallBeside $beside,
        float $thickness,
        float $turn,
        bool $isOuter,
    ): void {
        $layout = self::empty();
        $at = new Point(1234.5, -777.7);
        foreach ([4000, 3000, 4000, 3000] as $number => $length) {
            $to = $at->plus(Point::towards($turn + 90 * $number)->times($length));
            $chain = new WallChain($layout->storeys[0], new WallPen(WallType::Exterior, $thickness), $beside);
            $layout = (new Editor())->apply($layout, $chain->next("w{$number}", $at, $to))->layout;
            $at = $to;
        }
        $walls = $layout->storeys[0]->walls;
        foreach ($walls as $number => $wall) {
            self::assertEqualsWithDelta(0.0, $wall->to->distanceTo($walls[($number + 1) % 4]->from), 0.001, 'the corner is one point');
            $drawn = $wall->line()->length() + ($isOuter ? $thickness : -$thickness);
            self::assertEqualsWithDelta([4000.0, 3000.0][$number % 2], $drawn, 0.001);
        }
        [$space] = (new Home($layout))->plans['G']->spaces;
        self::assertEqualsWithDelta(
            $isOuter ? (4000 - 2 * $thickness) * (3000 - 2 * $thickness) : 4000 * 3000,
            $space->outline->area(),
            1.0,
        );
    }

    public function test_a_divider_has_no_thickness(): void
    {
        $layout = self::empty();
        $edit = (new WallChain(
            $layout->storeys[0],
            new WallPen(WallType::OpenBoundary, 100),
            WallBeside::Centred,
        ))->next('w', new Point(0, 0), new Point(1000, 0));
        self::assertSame(0.0, (new Editor())->apply($layout, $edit)->layout->storeys[0]->walls[0]->thickness);
    }

    private static function empty(): Layout
    {
        return (new LayoutReader())->read(
            '{"format": "heurema-layout", "version": 1, "name": "Empty", "units": "metric", "storeys": [{"id": "G", "name": "Ground"}]}',
        );
    }
}
