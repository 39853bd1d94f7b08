<?php

declare(strict_types=1);

namespace Heurema\Tests\Geometry;

use Heurema\Geometry\FacingPairs;
use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use PHPUnit\Framework\TestCase;

final class FacingPairsTest extends TestCase
{
    public function test_the_closer_pair_of_a_rectangle(): void
    {
        $line = FacingPairs::closest(self::around([[0, 0], [5000, 0], [5000, 1200], [0, 1200]]), 100);
        self::assertEqualsWithDelta(1200.0, $line?->length(), 1e-9);
        self::assertEqualsWithDelta(2500.0, $line?->from->x, 1e-9, 'in the middle of what they have in common');
    }

    public function test_walls_back_to_back_do_not_look_at_each_other(): void
    {
        // two separate blocks outside each other: their outer faces are turned away
        $block = array_map(
            static fn(Segment $edge): Segment => $edge->reversed(),
            self::around([[1000, 1000], [2000, 1000], [2000, 1200], [1000, 1200]]),
        );
        $line = FacingPairs::closest([...self::around([[0, 0], [5000, 0], [5000, 4000], [0, 4000]]), ...$block], 100);
        self::assertEqualsWithDelta(1000.0, $line?->length(), 1e-9, 'from the block to the wall, not through the block');
    }

    public function test_what_stands_between_hides_what_is_behind(): void
    {
        // a thin screen over the whole width in the middle: 1950 on either side, never 4000 through it
        $screen = array_map(
            static fn(Segment $edge): Segment => $edge->reversed(),
            self::around([[0, 1950], [5000, 1950], [5000, 2050], [0, 2050]]),
        );
        $line = FacingPairs::closest([...self::around([[0, 0], [5000, 0], [5000, 4000], [0, 4000]]), ...$screen], 4900);
        self::assertEqualsWithDelta(1950.0, $line?->length(), 1e-9);
    }

    public function test_faces_up_to_a_degree_from_parallel_count_by_their_narrow_end(): void
    {
        $within = self::around([[0, 0], [5000, 0], [5000, 1200], [0, 1200 - 5000 * tan(deg2rad(0.99))]]);
        self::assertEqualsWithDelta(1200 - 5000 * tan(deg2rad(0.99)), FacingPairs::closest($within, 100)?->length(), 1.0);
        $beyond = self::around([[0, 0], [5000, 0], [5000, 1200], [0, 1200 - 5000 * tan(deg2rad(1.01))]]);
        self::assertEqualsWithDelta(5000.0, FacingPairs::closest($beyond, 100)?->length(), 1.0, 'only the two ends are parallel');
    }

    public function test_a_common_stretch_just_long_enough(): void
    {
        $faces = static fn(float $common): array => [
            new Segment(new Point(0, 0), new Point(1000, 0)),
            new Segment(new Point(2000, 500), new Point(1000 - $common, 500)),
        ];
        self::assertNull(FacingPairs::closest($faces(99.9), 100));
        self::assertNotNull(FacingPairs::closest($faces(100), 100));
    }

    /**
     * @param non-empty-list<array{float|int, float|int}> $points counter-clockwise
     *
     * @return list<Segment>
     */
    private static function around(array $points): array
    {
        return (new Ring(array_map(static fn(array $point): Point => new Point((float) $point[0], (float) $point[1]), $points)))->edges();
    }
}
