<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

/** What is measured of a dwelling as a whole. */
final class DwellingMeasuresTest extends MeasureTestCase
{
    /** A storey more than 1.2 m below the ground is a cellar: the ground floor is the next one. */
    public function test_the_ground_floor_is_no_cellar(): void
    {
        foreach ([[-1199.9, -1199.9], [-1200.0, -1200.0], [-1200.1, 1500.0]] as [$lowest, $above]) {
            $house = Sketch::room(6000, 4000)->with(['elevation' => $lowest])->upper(['elevation' => 1500]);
            self::assertEqualsWithDelta($above, self::number('dwelling.floor_above_grade', $house, 'dwelling'), 1e-9);
            $raised = Sketch::room(6000, 4000)->document(['grade' => 300])
                ->with(['elevation' => $lowest + 300])
                ->upper(['elevation' => 1800]);
            self::assertEqualsWithDelta($above, self::number('dwelling.floor_above_grade', $raised, 'dwelling'), 1e-9);
        }
    }

    public function test_internal_area_takes_in_partitions_and_leaves_out_garages(): void
    {
        self::assertEqualsWithDelta(24.0, self::number('dwelling.internal_area', Sketch::room(6000, 4000), 'dwelling'), 1e-6);
        $parted = Sketch::room(6000, 4000)->wall([2500, -100], [2500, 4100]);
        self::assertEqualsWithDelta(24.0, self::number('dwelling.internal_area', $parted, 'dwelling'), 1e-6);
        // the garage is 2450 by 4000 between its faces
        $garage = $parted->use('g', 'garage', 500, 500);
        self::assertEqualsWithDelta(24.0 - 2.45 * 4, self::number('dwelling.internal_area', $garage, 'dwelling'), 1e-6);
    }

    public function test_internal_area_can_leave_out_low_floor(): void
    {
        $slope = ['ceiling' => ['low' => 1000, 'high' => 3000, 'from' => [0, 0], 'to' => [4000, 0]]];
        $home = Sketch::room(4000, 3000)->with([
            'rooms' => [['id' => 'r', 'name' => 'R', 'use' => 'bedroom', 'at' => [2000, 1500], ...$slope]],
        ]);
        self::assertEqualsWithDelta(12.0, self::number('dwelling.internal_area', $home, 'dwelling'), 1e-6);
        // 1500 mm is reached a quarter of the way
        self::assertEqualsWithDelta(
            9.0,
            self::number('dwelling.internal_area', $home, 'dwelling', ['count_from_height' => Amount::length(1500)]),
            1e-6,
        );
        self::assertEqualsWithDelta(
            0.35,
            self::number('dwelling.share_at_height', $home, 'dwelling', ['height' => Amount::length(2300)]),
            1e-6,
        );
        $unknown = Sketch::room(4000, 3000)->with(['ceiling' => null]);
        self::assertUnknown(
            ['r.ceiling or G.ceiling'],
            self::measure('dwelling.internal_area', $unknown, 'dwelling', ['count_from_height' => Amount::length(1500)]),
        );
        self::assertUnknown(
            ['r.ceiling or G.ceiling'],
            self::measure('dwelling.share_at_height', $unknown, 'dwelling', ['height' => Amount::length(2300)]),
        );
    }

    public function test_without_outer_walls_there_is_no_inside(): void
    {
        $open = (new Sketch())->wall([0, 0], [4000, 0], 200, 'exterior');
        self::assertUnknown(['outer walls closed around the dwelling'], self::measure('dwelling.internal_area', $open, 'dwelling'));
        self::assertUnknown(
            ['rooms with walls closed around them'],
            self::measure('dwelling.share_at_height', $open, 'dwelling', ['height' => Amount::length(2300)]),
        );
    }

    public function test_storage_is_added_up(): void
    {
        $home = Sketch::room(6000, 4000)->wall([5000, -100], [5000, 4100])->use('s', 'storage', 5500, 500);
        self::assertEqualsWithDelta(0.95 * 4, self::number('dwelling.storage_area', $home, 'dwelling'), 1e-6);
        self::assertSame(0.0, self::number('dwelling.storage_area', Sketch::room(6000, 4000), 'dwelling'));
        self::assertUnknown(
            ['walls closed around lost.at'],
            self::measure('dwelling.storage_area', $home->use('lost', 'pantry', 9000, 9000), 'dwelling'),
        );
    }

    public function test_bedrooms_and_their_bed_spaces(): void
    {
        $home = static fn(?int $first, ?int $second): Sketch => Sketch::room(6000, 4000)->wall(
            [2500, -100],
            [2500, 4100],
        )->with(['rooms' => array_map(
            static fn(array $room): array => array_filter($room, static fn(mixed $value): bool => $value !== null),
            [
                ['id' => 'a', 'name' => 'A', 'use' => 'bedroom', 'at' => [500, 500], 'bedspaces' => $first],
                ['id' => 'b', 'name' => 'B', 'use' => 'bedroom', 'at' => [4000, 500], 'bedspaces' => $second],
            ],
        )]);
        self::assertSame(2.0, self::number('dwelling.bedrooms', $home(1, 2), 'dwelling'));
        self::assertSame(3.0, self::number('dwelling.bedspaces', $home(1, 2), 'dwelling'));
        self::assertSame(1.0, self::number('dwelling.double_bedrooms', $home(1, 2), 'dwelling'));
        self::assertSame(1.0, self::number('dwelling.double_bedrooms', $home(null, 2), 'dwelling'), 'one is enough to know');
        self::assertUnknown(['b.bedspaces'], self::measure('dwelling.bedspaces', $home(1, null), 'dwelling'));
        self::assertUnknown(['b.bedspaces'], self::measure('dwelling.double_bedrooms', $home(1, null), 'dwelling'));
        self::assertSame(1.0, self::number('dwelling.storey_count', $home(1, 2), 'dwelling'));
        self::assertSame(2.0, self::number('room.bedspaces', $home(1, 2), 'b'));
        self::assertUnknown(['a.bedspaces'], self::measure('room.bedspaces', $home(null, 2), 'a'));
        self::assertSame(
            [false, true],
            [self::value('room.widest_double', $home(2, 2), 'a'), self::value('room.widest_double', $home(2, 2), 'b')],
        );
        self::assertTrue(self::value('room.widest_double', $home(2, 1), 'a'), 'a single does not count');
    }

    public function test_the_lowest_floor_is_held_against_the_ground(): void
    {
        self::assertSame(
            450.0,
            self::number(
                'dwelling.floor_above_grade',
                Sketch::room(6000, 4000)->with(['elevation' => 300])->document(['grade' => -150]),
                'dwelling',
            ),
        );
        self::assertUnknown(
            ['G.elevation'],
            self::measure('dwelling.floor_above_grade', Sketch::room(6000, 4000)->with(['elevation' => null]), 'dwelling'),
        );
    }

    public function test_the_largest_habitable_room_and_water_closets_in_rooms(): void
    {
        $home = Sketch::room(6000, 4000)
            ->wall([2500, -100], [2500, 4100])
            ->use('b', 'study', 500, 500)
            ->fixture('w', 'water_closet', 1000, 0, 90, 400, 700);
        self::assertSame(
            [false, true],
            [self::value('room.largest_habitable', $home, 'b'), self::value('room.largest_habitable', $home, 'r')],
        );
        self::assertSame([1.0, 0.0], [self::number('room.water_closets', $home, 'b'), self::number('room.water_closets', $home, 'r')]);
        self::assertTrue(self::value(
            'room.largest_habitable',
            Sketch::room(6000, 4000)
                ->wall([2500, -100], [2500, 4100])
                ->use('b', 'study', 500, 500)
                ->wall([2500, 1000], [6100, 1000])
                ->wall([4000, 1000], [4000, 4100]),
            'b',
        ));
    }

    public function test_baths_are_counted(): void
    {
        $home = Sketch::room(6000, 4000)
            ->fixture('b', 'bath', 1000, 0, 90, 700, 1700)
            ->fixture('s', 'shower_bath', 3000, 0, 90, 700, 1700)
            ->fixture('t', 'shower', 5000, 0, 90, 900, 900);
        self::assertSame(2.0, self::number('dwelling.baths', $home, 'dwelling'));
    }
}
