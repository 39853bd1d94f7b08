<?php

declare(strict_types=1);

namespace Heurema\Tests\Drafting;

use Heurema\Drafting\MoveWall;
use Heurema\Drafting\WallDistance;
use Heurema\Drafting\WallDistances;
use Heurema\Layout\Edit\Editor;
use Heurema\Layout\Layout;
use Heurema\Spatial\StoreyPlan;
use Heurema\Spatial\WallDatum;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WallDistancesTest extends TestCase
{
    public function test_a_partition_looks_at_both_sides(): void
    {
        $distances = self::of(self::home(), 'w5');
        self::assertEqualsWithDelta(['w4' => 2950.0, 'w2' => 1950.0], self::lengths($distances), 1e-6);
        self::assertEquals(
            ['w4' => 'R', 'w2' => 'Other'],
            array_combine(
                array_map(static fn(WallDistance $one): string => $one->other->id, $distances),
                array_map(static fn(WallDistance $one): ?string => $one->room, $distances),
            ),
        );
    }

    public function test_the_nearer_of_two_walls_counts(): void
    {
        // a short wall stands before a part of the far one
        $layout = Sketch::room(5000, 3000)->wall([3000, -100], [3000, 1000])->layout();
        self::assertEqualsWithDelta(['w5' => 2950.0], self::lengths(self::of($layout, 'w4')), 1e-6);
    }

    public function test_datums_differ_by_half_the_walls_and_their_linings(): void
    {
        $layout = Sketch::room(5000, 3000)
            ->wall([2500, -100], [2500, 3100], 100, 'interior', ['lining' => [12, 15]])
            ->use('other', 'study', 4000, 1000)
            ->layout();
        foreach (self::of($layout, 'w5') as $distance) {
            $lining = $distance->other->id === 'w4' ? 12.0 : 15.0;
            self::assertEqualsWithDelta(2450.0, $distance->of(WallDatum::Finished), 1e-6);
            self::assertEqualsWithDelta(2450.0 + $lining, $distance->of(WallDatum::Structure), 1e-6);
            self::assertEqualsWithDelta(2600.0, $distance->of(WallDatum::Centre), 1e-6);
        }
    }

    /** @return iterable<string, array{string, bool}> the wall that is asked, and whether the other one moves */
    public static function movers(): iterable
    {
        yield 'the partition itself' => ['w5', false];
        yield 'the other one' => ['w5', true];
        yield 'the left outer wall' => ['w4', false];
        yield 'the partition, asked at the outer wall' => ['w4', true];
    }

    #[DataProvider('movers')]
    public function test_a_typed_distance_comes_about_by_moving_either_wall(string $id, bool $other): void
    {
        $layout = self::home();
        foreach (self::of($layout, $id) as $distance) {
            foreach ([1500.0, 1949.9, 1950.0, 2950.0] as $wanted) {
                $edit = $other
                    ? new MoveWall($distance->other->id, $distance->moveOther($wanted, WallDatum::Finished))
                    : new MoveWall($id, $distance->moveOwn($wanted, WallDatum::Finished));
                $moved = (new Editor())->apply($layout, $edit)->layout;
                self::assertEqualsWithDelta($wanted, self::lengths(self::of($moved, $id))[$distance->other->id] ?? null, 1e-3);
            }
        }
    }

    private static function home(): Layout
    {
        return Sketch::room(5000, 3000)->wall([3000, -100], [3000, 3100])->use('other', 'study', 4000, 1000)->layout();
    }

    /** @return list<WallDistance> */
    private static function of(Layout $layout, string $id): array
    {
        $storey = $layout->storeys[0];

        return WallDistances::of(new StoreyPlan($storey), $storey->wall($id) ?? throw new \LogicException('No wall.'));
    }

    /**
     * @param list<WallDistance> $distances
     *
     * @return array<string, float>
     */
    private static function lengths(array $distances): array
    {
        return array_combine(
            array_map(static fn(WallDistance $one): string => $one->other->id, $distances),
            array_map(static fn(WallDistance $one): float => $one->of(WallDatum::Finished), $distances),
        );
    }
}
