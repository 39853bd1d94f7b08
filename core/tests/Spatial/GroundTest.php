<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Geometry\Point;
use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Ground;
use PHPUnit\Framework\TestCase;

/** The ground between levels at places. */
final class GroundTest extends TestCase
{
    public function test_a_level_ground(): void
    {
        self::assertSame([null, null, false], self::told(self::ground([])));
        self::assertSame([-150.0, -150.0, true], self::told(self::ground([], -150)));
        self::assertSame([-200.0, -200.0, true], self::told(self::ground([[0, 0, -200]])), 'one level is that of all of it');
        self::assertSame(-150.0, self::ground([[0, 0, -200]], -150)->plane(), 'what was said of the whole stays');
    }

    public function test_between_two_levels_and_beyond_them(): void
    {
        $ground = self::ground([[0, 0, 0], [10_000, 0, -1000]]);
        foreach ([[0, 0, 0], [2500, 0, -250], [2500, 4000, -250], [12_000, 100, -1000], [-500, 0, 0]] as [$x, $y, $level]) {
            self::assertEqualsWithDelta($level, $ground->at(new Point($x, $y)), 1e-6, "{$x}, {$y}");
        }
        self::assertEqualsWithDelta(-500.0, $ground->plane(), 1e-9);
    }

    public function test_levels_of_one_plane_give_that_plane_everywhere_between_them(): void
    {
        $plane = static fn(float $x, float $y): float => 0.03 * $x - 0.05 * $y + 120;
        mt_srand(7);
        foreach (range(1, 20) as $round) {
            $places = [[-9000, -9000], [9000, -9000], [9000, 9000], [-9000, 9000]];
            foreach (range(1, 6) as $more) {
                $places[] = [mt_rand(-8000, 8000), mt_rand(-8000, 8000)];
            }
            $ground = self::ground(array_map(static fn(array $at): array => [...$at, $plane(...$at)], $places));
            foreach (range(1, 20) as $trial) {
                [$x, $y] = [mt_rand(-8900, 8900), mt_rand(-8900, 8900)];
                self::assertEqualsWithDelta($plane($x, $y), $ground->at(new Point($x, $y)), 1e-4, "seed 7, round {$round}, {$x}, {$y}");
            }
        }
    }

    public function test_a_place_has_its_own_level_and_the_shorter_diagonal_parts_a_quadrangle(): void
    {
        $levels = [[0, 0, 0], [4000, -1000, 100], [8000, 0, 0], [4000, 1000, 100]];
        $ground = self::ground($levels);
        foreach ($levels as [$x, $y, $level]) {
            self::assertEqualsWithDelta($level, $ground->at(new Point($x, $y)), 1e-6);
        }
        self::assertEqualsWithDelta(100.0, $ground->at(new Point(4000, 0)), 1e-6, 'between the two that are closer');
    }

    /** @return array{float|null, float|null, bool} */
    private static function told(Ground $ground): array
    {
        return [$ground->at(new Point(500, 500)), $ground->plane(), $ground->isSaid()];
    }

    /** @param list<array{float|int, float|int, float|int}> $levels x, y, level */
    private static function ground(array $levels, ?float $grade = null): Ground
    {
        return new Ground((new LayoutReader())->read((string) json_encode(array_filter([
            'format' => 'heurema-layout', 'version' => 1, 'name' => 'Plot', 'units' => 'metric', 'grade' => $grade,
            'ground' => array_map(static fn(array $one): array => ['at' => [$one[0], $one[1]], 'level' => $one[2]], $levels),
            'storeys' => [['id' => 'G', 'elevation' => 0]],
        ], static fn(mixed $value): bool => $value !== null))));
    }
}
