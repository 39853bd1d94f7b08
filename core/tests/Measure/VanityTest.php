<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\TestWith;

/** A vanity is as many lavatories as it has basins, each with its own middle. */
final class VanityTest extends MeasureTestCase
{
    public function test_each_basin_counts_as_a_lavatory(): void
    {
        $room = self::room(1200, null);
        self::assertEqualsWithDelta(1.0, self::number('dwelling.fixture_count', $room, 'dwelling', ['kind' => 'lavatory']), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('room.count', $room, 'r', ['kind' => 'lavatory']), 0.0);
        $two = self::room(1200, 2)->fixture('l', 'lavatory', 2500, 0, 90, 500, 400);
        self::assertEqualsWithDelta(3.0, self::number('dwelling.fixture_count', $two, 'dwelling', ['kind' => 'lavatory']), 0.0);
        self::assertEqualsWithDelta(3.0, self::number('room.count', $two, 'r', ['kind' => 'lavatory']), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('room.count', $two, 'r', ['kind' => 'vanity']), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('dwelling.storeys_lacking', $two, 'dwelling', ['kind' => 'lavatory']), 0.0);
    }

    /** @param array{int, int, int} $at in a room of 3000 by 2000, its end 200 from a corner */
    #[TestWith([[800, 0, 90]])]
    #[TestWith([[3000, 800, 180]])]
    #[TestWith([[2200, 2000, 270]])]
    #[TestWith([[0, 1200, 0]])]
    public function test_distances_are_from_the_basins_on_every_wall(array $at): void
    {
        [$x, $y, $facing] = $at;
        $vanity = static fn(?int $basins): Sketch => Sketch::room(3000, 2000, 'bathroom')
            ->fixture('f', 'vanity', $x, $y, $facing, 1200, 530, $basins === null ? [] : ['basins' => $basins]);
        self::assertEqualsWithDelta(800.0, self::number('fixture.to_wall', $vanity(null), 'f'), 1e-6);
        self::assertEqualsWithDelta(800.0, self::number('fixture.side_clearance', $vanity(1), 'f'), 1e-6);
        self::assertEqualsWithDelta(500.0, self::number('fixture.to_wall', $vanity(2), 'f'), 1e-6);
        self::assertEqualsWithDelta(500.0, self::number('fixture.side_clearance', $vanity(2), 'f'), 1e-6);
        self::assertEqualsWithDelta(600.0, self::number('fixture.center_spacing', $vanity(2), 'f'), 1e-6);
        self::assertEqualsWithDelta(400.0, self::number('fixture.center_spacing', $vanity(3), 'f'), 1e-6);
    }

    public function test_the_next_fixture_is_measured_from_the_nearer_basin(): void
    {
        $room = self::room(1200, 2)->fixture('g', 'water_closet', 1900, 0, 90, 400, 700);
        self::assertEqualsWithDelta(600.0, self::number('fixture.center_spacing', $room, 'f'), 1e-6, 'its own two are closer');
        self::assertEqualsWithDelta(800.0, self::number('fixture.center_spacing', $room, 'g'), 1e-6);
    }

    private static function room(float $width, ?int $basins): Sketch
    {
        return Sketch::room(3000, 2000, 'bathroom')
            ->fixture('f', 'vanity', 800, 0, 90, $width, 530, $basins === null ? [] : ['basins' => $basins]);
    }
}
