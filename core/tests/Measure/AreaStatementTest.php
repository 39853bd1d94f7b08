<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/** What rooms and storeys measure together, and what there is to finish. */
final class AreaStatementTest extends MeasureTestCase
{
    /** Outer walls of 200 around a floor of 4 by 3 m. */
    public function test_the_parts_of_one_room(): void
    {
        $home = Sketch::room(4000, 3000, 'hall')->add('voids', ['id' => 'v', 'outline' => [[0, 0], [1000, 0], [1000, 2000], [0, 2000]]]);
        foreach ([
            'storey.room_area' => 12.0,
            'storey.circulation_area' => 12.0,
            'storey.gross_area' => 4.4 * 3.4,
            'storey.internal_area' => 12.0,
            'storey.wall_area' => 4.4 * 3.4 - 12.0,
            'storey.opening_area' => 2.0,
        ] as $name => $area) {
            self::assertEqualsWithDelta($area, self::number($name, $home, 'G'), 1e-6, $name);
        }
        self::assertEqualsWithDelta(0.0, self::number('storey.circulation_area', Sketch::room(4000, 3000, 'study'), 'G'), 1e-9);
    }

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach (['orchard-terrace', 'ferry-cottage', 'lantern-row', 'heron-bungalow', 'quarry-flat', 'weir-cabin'] as $home) {
            yield $home => [$home];
        }
    }

    #[DataProvider('homes')]
    public function test_what_stands_within_the_outer_faces_adds_up(string $name): void
    {
        $home = new Home((new LayoutReader())->read((string) file_get_contents(dirname(__DIR__, 3)."/database/demo/{$name}.json")));
        foreach ($home->plans as $id => $plan) {
            $area = static fn(string $what): float => self::number("storey.{$what}_area", $home, $id);
            self::assertGreaterThan(0.0, $area('wall'));
            self::assertLessThanOrEqual($area('gross') + 1e-6, $area('wall') + $area('room'));
            self::assertLessThanOrEqual($area('room') + 1e-6, $area('circulation'));
            self::assertLessThan($area('gross'), $area('internal'));
        }
    }

    public function test_walls_to_finish_are_those_without_openings(): void
    {
        $home = Sketch::room(4000, 3000)
            ->with(['ceiling' => 2400, 'rooms' => [['id' => 'r', 'use' => 'bathroom', 'at' => [2000, 1500], 'tile_height' => 1200]]])
            ->door('w1', 2000, 800, ['height' => 2000])
            ->window('w3', 2000, 1000, 1200, ['sill' => 900]);
        self::assertEqualsWithDelta(14000.0, self::number('room.perimeter', $home, 'r'), 1e-6);
        self::assertEqualsWithDelta(13200.0, self::number('room.skirting', $home, 'r'), 1e-6);
        self::assertEqualsWithDelta(14.0 * 2.4 - 0.8 * 2.0 - 1.2, self::number('room.wall_area', $home, 'r'), 1e-6);
        // the window reaches 300 mm below the top of the tiles
        self::assertEqualsWithDelta(14.0 * 1.2 - 0.8 * 1.2 - 1.0 * 0.3, self::number('room.tiled_area', $home, 'r'), 1e-6);
    }

    /** A wall that says for itself how high it is tiled is as high in every room on that side; the others are as their rooms are. */
    public function test_walls_are_tiled_each_to_its_own_height(): void
    {
        $home = static fn(array $room): Sketch => Sketch::room(4000, 3000)
            ->with(['ceiling' => 2400, 'rooms' => [['id' => 'r', 'use' => 'bathroom', 'at' => [2000, 1500], ...$room]]]);
        $area = static fn(Sketch $home): float => self::number('room.tiled_area', $home, 'r');
        // the walls run counter-clockwise, so the room lies to their left
        self::assertEqualsWithDelta(4.0 * 2.1 + 10.0 * 1.2, $area($home(['tile_height' => 1200])->tiled('w1', [2100, 0])), 1e-6);
        self::assertEqualsWithDelta(14.0 * 1.2, $area($home(['tile_height' => 1200])->tiled('w1', [1200, 2100])), 1e-6);
        $all = $home([])->tiled('w1', [2100, 0])->tiled('w2', [0, 0])->tiled('w3', [900, 0])->tiled('w4', [2600, 0]);
        self::assertEqualsWithDelta(4.0 * 2.1 + 4.0 * 0.9 + 3.0 * 2.4, $area($all), 1e-6);
        self::assertUnknown(['r.tile_height'], self::measure('room.tiled_area', $home([])->tiled('w1', [2100, 0]), 'r'));
        // a door in the wall that is tiled higher takes as much more away
        $door = $home(['tile_height' => 1200])->tiled('w1', [2100, 0])->door('w1', 2000, 800, ['height' => 2000]);
        self::assertEqualsWithDelta(4.0 * 2.1 + 10.0 * 1.2 - 0.8 * 2.0, $area($door), 1e-6);
    }

    public function test_under_a_slope_tiles_end_at_the_ceiling(): void
    {
        $slope = ['low' => 2000, 'high' => 3000, 'from' => [0, 0], 'to' => [4000, 0]];
        $tiled = static fn(float $height): float => self::number('room.tiled_area', Sketch::room(4000, 3000)->with(['rooms' => [
            ['id' => 'r', 'use' => 'bathroom', 'at' => [2000, 1500], 'ceiling' => $slope, 'tile_height' => $height],
        ]]), 'r');
        self::assertEqualsWithDelta(14.0 * 1.9, $tiled(1900), 1e-6);
        self::assertEqualsWithDelta(14.0 * 2.0, $tiled(2000), 1e-6);
        // each long wall is 2500 high but for the triangle of 2000 by 500 at its low end
        self::assertEqualsWithDelta(2 * (4.0 * 2.5 - 2.0 * 0.5 / 2) + 3.0 * 2.0 + 3.0 * 2.5, $tiled(2500), 1e-6);
        self::assertEqualsWithDelta(2 * 4.0 * 2.5 + 3.0 * 2.0 + 3.0 * 3.0, $tiled(3000), 1e-6);
    }

    public function test_under_a_slope_the_mean_height_of_each_wall_counts(): void
    {
        $slope = ['low' => 2000, 'high' => 3000, 'from' => [0, 0], 'to' => [4000, 0]];
        $home = Sketch::room(4000, 3000)->with(['rooms' => [['id' => 'r', 'use' => 'study', 'at' => [2000, 1500], 'ceiling' => $slope]]]);
        self::assertEqualsWithDelta(2 * 4.0 * 2.5 + 3.0 * 2.0 + 3.0 * 3.0, self::number('room.wall_area', $home, 'r'), 1e-6);
    }

    public function test_what_nobody_said_is_missing_by_its_name(): void
    {
        $home = Sketch::room(4000, 3000)->with(['ceiling' => null])
            ->add('openings', ['id' => 'n', 'kind' => 'window', 'wall' => 'w3', 'at' => 2000, 'width' => 1000]);
        self::assertUnknown(['r.ceiling or G.ceiling', 'n.height'], self::measure('room.wall_area', $home, 'r'));
        self::assertUnknown(
            ['r.ceiling or G.ceiling', 'r.tile_height', 'n.height', 'n.sill'],
            self::measure('room.tiled_area', $home, 'r'),
        );
    }
}
