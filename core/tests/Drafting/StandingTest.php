<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\AgainstWalls;
use Heurema\Drafting\WallOffsets;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Spatial\PlacedFixture;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\TestCase;

final class StandingTest extends TestCase
{
    public function test_the_centre_line_is_held_against_both_sides(): void
    {
        $standing = new WallOffsets(self::fixture(Sketch::room(2000, 3000)->fixture('f', 'water_closet', 700, 0, 90, 400, 700)));
        self::assertEqualsWithDelta(
            [700.0, 1300.0],
            array_map(static fn(Segment $side): float => $side->length(), $standing->sides()),
            1e-6,
        );
        self::assertEqualsWithDelta(2300.0, $standing->front()?->length(), 1e-3);
    }

    public function test_the_zone_in_front_ends_at_the_wall(): void
    {
        $fixture = self::fixture(Sketch::room(2000, 1300)->fixture('f', 'water_closet', 700, 0, 90, 400, 700));
        self::assertEqualsWithDelta(400.0 * 600.0, (new WallOffsets($fixture))->zone(1000)?->area(), 1.0);
        self::assertEqualsWithDelta(400.0 * 500.0, (new WallOffsets($fixture))->zone(500)?->area(), 1.0);
    }

    public function test_nobody_asks_for_walls_far_away(): void
    {
        $sides = static fn(float $x): array => array_map(
            static fn(Segment $side): float => round($side->length(), 3),
            (new WallOffsets(self::fixture(Sketch::room(12000, 9000)->fixture('f', 'bed', $x, 0, 90, 900, 2000))))->sides(),
        );
        self::assertSame([3999.9], $sides(3999.9));
        self::assertSame([4000.0], $sides(4000.0));
        self::assertSame([], $sides(4000.1));
        $front = static fn(float $y): ?float => (new WallOffsets(self::fixture(Sketch::room(12000, 9000)->fixture(
            'f',
            'bed',
            6000,
            $y,
            90,
            900,
            2000,
        ))))->front()?->length();
        self::assertEqualsWithDelta(4000.0, $front(3000.0), 1e-6);
        self::assertNull($front(2999.9));
    }

    public function test_a_thing_without_its_sizes_has_no_zone(): void
    {
        self::assertNull(
            (new WallOffsets(self::fixture(Sketch::room(2000, 3000)->add(
                'fixtures',
                ['id' => 'f', 'kind' => 'water_closet', 'at' => [700, 0], 'facing' => 90],
            ))))->zone(1000),
        );
    }

    public function test_a_back_goes_against_the_nearest_wall(): void
    {
        $settling = new AgainstWalls(Sketch::room(4000, 3000)->home()->plans['G']);
        $settled = $settling->of(new Point(2000, 500), 600, 600);
        self::assertEqualsWithDelta([[2000.0, 0.0], 90.0], [$settled?->at->toArray(), $settled?->facing], 1e-4);
        $settled = $settling->of(new Point(3600, 1500), 600, 600);
        self::assertEqualsWithDelta([[4000.0, 1500.0], 180.0], [$settled?->at->toArray(), $settled?->facing], 1e-4);
    }

    public function test_only_as_far_as_it_reaches(): void
    {
        $settling = new AgainstWalls(Sketch::room(4000, 3000)->home()->plans['G']);
        self::assertNotNull($settling->of(new Point(2000, 600.0), 600, 600));
        self::assertNull($settling->of(new Point(2000, 600.1), 600, 600));
        self::assertNotNull($settling->of(new Point(2000, 1400), 600, 600, INF));
    }

    public function test_a_side_goes_against_the_wall_that_it_would_run_into(): void
    {
        $settling = new AgainstWalls(Sketch::room(4000, 3000)->home()->plans['G']);
        self::assertEqualsWithDelta([300.0, 0.0], $settling->of(new Point(250, 200), 600, 600)?->at->toArray(), 1e-4);
        self::assertEqualsWithDelta([3700.0, 0.0], $settling->of(new Point(3790, 150), 600, 600)?->at->toArray(), 1e-4);
    }

    private static function fixture(Sketch $sketch): PlacedFixture
    {
        return $sketch->home()->fixtures[0];
    }
}
