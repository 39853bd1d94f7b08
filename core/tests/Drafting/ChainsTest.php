<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\Chain;
use Heurema\Drafting\Dimension;
use Heurema\Drafting\OutsideChains;
use Heurema\Drafting\RoomChains;
use Heurema\Drafting\Stop;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Home;
use Heurema\Spatial\WallDatum;
use Heurema\Tests\RandomPlan;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ChainsTest extends TestCase
{
    public function test_parts_base_and_overall_of_one_row_of_stops(): void
    {
        $chain = new Chain(
            new Segment(new Point(0, 0), new Point(1, 0)),
            array_map(static fn(float $at): Stop => new Stop($at), [900.0, 0.0, 300.0, 300.02, 900.0]),
        );
        self::assertEqualsWithDelta([300.0, 600.0], self::lengths($chain->parts()), 1e-6);
        self::assertEqualsWithDelta([300.0, 900.0], self::lengths($chain->fromBase()), 1e-6);
        self::assertEqualsWithDelta([900.0], self::lengths($chain->overall()), 1e-6);
        self::assertSame([], (new Chain($chain->line, [new Stop(5.0)]))->overall());
    }

    /**
     * @return iterable<string, array{WallDatum, float, float}> the datum, and what a room of 4 by 3 m comes to with 200 mm walls lined with
     *                                                          12 mm
     */
    public static function datums(): iterable
    {
        yield 'to finished faces' => [WallDatum::Finished, 4000, 3000];
        yield 'to the bare structure' => [WallDatum::Structure, 4024, 3024];
        yield 'between centre lines' => [WallDatum::Centre, 4200, 3200];
    }

    #[DataProvider('datums')]
    public function test_a_room_is_dimensioned_along_and_across(WallDatum $datum, float $width, float $depth): void
    {
        $chains = RoomChains::of(self::lined()->home()->rooms[0], $datum);
        self::assertEqualsWithDelta(
            [[$width], [$depth]],
            array_map(static fn(Chain $chain): array => self::lengths($chain->parts()), $chains),
            1e-6,
        );
    }

    /** @return iterable<string, array{WallDatum, float}> */
    public static function outsides(): iterable
    {
        yield 'over finished faces' => [WallDatum::Finished, 4400];
        yield 'over the bare structure' => [WallDatum::Structure, 4376];
        yield 'between centre lines' => [WallDatum::Centre, 4200];
    }

    #[DataProvider('outsides')]
    public function test_the_outside_runs_over_its_corners(WallDatum $datum, float $overall): void
    {
        $chains = new OutsideChains(self::lined()->home()->plans['G'], $datum);
        $bottom = $chains->corners(500)['bottom'];
        self::assertEqualsWithDelta([$overall], self::lengths($bottom->overall()), 1e-6);
        // 500 below the outer face
        self::assertEqualsWithDelta(-700.0, $bottom->line->from->y, 1e-6);
        self::assertCount(4, $chains->corners(500));
    }

    public function test_openings_part_the_outside_on_their_side_only(): void
    {
        $chains = (new OutsideChains(
            Sketch::room(4000, 3000)->door('w1', 1100, 800)->window('w1', 3000, 1000, 1200)->home()->plans['G'],
            WallDatum::Finished,
        ))->openings(500);
        self::assertEqualsWithDelta([800.0, 800.0, 1000.0, 1000.0, 800.0], self::lengths($chains['bottom']->parts()), 1e-6);
        self::assertCount(1, $chains['top']->parts());
    }

    public function test_an_l_has_its_inner_corner_among_the_stops(): void
    {
        $sketch = (new Sketch())->chain([
            [0, 0], [6000, 0], [6000, 3000], [3500, 3000], [3500, 5000], [0, 5000],
        ])->use('r', 'living', 1000, 1000);
        $chains = RoomChains::of($sketch->home()->rooms[0], WallDatum::Finished);
        self::assertEqualsWithDelta([3300.0, 2500.0], self::lengths($chains[0]->parts()), 1e-6);
        self::assertEqualsWithDelta([2800.0, 2000.0], self::lengths($chains[1]->parts()), 1e-6);
        $outside = (new OutsideChains($sketch->home()->plans['G'], WallDatum::Finished))->corners(500);
        self::assertEqualsWithDelta([3700.0, 2500.0], self::lengths($outside['top']->parts()), 1e-6);
    }

    /** On random upright plans the overall of a room's chains is the extent of its outline, found another way. */
    public function test_rooms_of_random_plans_are_as_wide_as_their_outlines(): void
    {
        $checked = 0;
        foreach (range(1, 20) as $seed) {
            $home = new Home((new LayoutReader())->read(json_encode(RandomPlan::document($seed, 12, false), JSON_THROW_ON_ERROR)));
            foreach ($home->rooms as $room) {
                $bounds = $room->outline()?->bounds();
                $overall = array_merge(...array_map(
                    static fn(Chain $chain): array => self::lengths($chain->overall()),
                    RoomChains::of($room, WallDatum::Finished),
                ));
                if ($bounds !== null && $overall !== []) {
                    self::assertEqualsWithDelta(max($bounds->width(), $bounds->height()), max($overall), 0.1);
                    self::assertEqualsWithDelta(min($bounds->width(), $bounds->height()), min($overall), 0.1);
                    ++$checked;
                }
            }
        }
        self::assertGreaterThan(100, $checked);
    }

    private static function lined(): Sketch
    {
        return Sketch::room(4000, 3000)->with(['walls' => array_map(static fn(array $wall): array => [...$wall, 'lining' => [12, 12]], [
            ['id' => 'w1', 'from' => [-100, -100], 'to' => [4100, -100], 'thickness' => 200, 'type' => 'exterior'],
            ['id' => 'w2', 'from' => [4100, -100], 'to' => [4100, 3100], 'thickness' => 200, 'type' => 'exterior'],
            ['id' => 'w3', 'from' => [4100, 3100], 'to' => [-100, 3100], 'thickness' => 200, 'type' => 'exterior'],
            ['id' => 'w4', 'from' => [-100, 3100], 'to' => [-100, -100], 'thickness' => 200, 'type' => 'exterior'],
        ])]);
    }

    /**
     * @param list<Dimension> $dimensions
     *
     * @return list<float>
     */
    private static function lengths(array $dimensions): array
    {
        return array_map(static fn(Dimension $dimension): float => $dimension->length(), $dimensions);
    }
}
