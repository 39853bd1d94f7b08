<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;

/** What rooms are to one another and to the outside. */
final class RoomRelationsTest extends MeasureTestCase
{
    /** Three rooms of 3000 x 3000 in a row: a hall with the front door, a bedroom, a bathroom behind it. */
    private static function row(): Sketch
    {
        return (new Sketch())->chain([[-100, -100], [9300, -100], [9300, 3100], [-100, 3100]])
            ->wall([3050, -100], [3050, 3100])->wall([6150, -100], [6150, 3100])
            ->use('h', 'hall', 1500, 1500)->use('b', 'bedroom', 4500, 1500)->use('w', 'bathroom', 7500, 1500)
            ->door('w4', 1600, 900, ['id' => 'front'])->door('w5', 1600, 800, ['id' => 'd1'])->door('w6', 1600, 800, ['id' => 'd2']);
    }

    public function test_rooms_to_cross_on_the_way_in(): void
    {
        self::assertEqualsWithDelta(0.0, self::number('room.reached_through', self::row(), 'h'), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('room.reached_through', self::row(), 'b'), 0.0);
        self::assertEqualsWithDelta(2.0, self::number('room.reached_through', self::row(), 'w'), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('room.reached_through', self::row(), 'w', ['use' => 'bedroom']), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('room.reached_through', self::row(), 'b', ['use' => 'bedroom']), 0.0);
    }

    public function test_a_second_way_need_not_be_crossed(): void
    {
        $garden = self::row()->door('w2', 1600, 900, ['id' => 'back']);
        self::assertEqualsWithDelta(0.0, self::number('room.reached_through', $garden, 'w'), 0.0);
        self::assertEqualsWithDelta(
            0.0,
            self::number('room.reached_through', $garden, 'b', ['use' => 'bathroom']),
            0.0,
            'from the hall as well',
        );
    }

    public function test_a_room_without_any_way(): void
    {
        $closed = Sketch::room(3000, 3000)->window('w1', 1500, 900, 900);
        self::assertInstanceOf(NotApplicable::class, self::measure('room.reached_through', $closed, 'r'));
    }

    public function test_over_a_divider_and_up_a_stair(): void
    {
        $open = (new Sketch())->chain([
            [-100, -100],
            [6100, -100],
            [6100, 3100],
            [-100, 3100],
        ])->wall([3000, -100], [3000, 3100], 0, 'divider')
            ->use('k', 'kitchen', 1500, 1500)->use('l', 'living', 4500, 1500)->door('w4', 1600, 900);
        self::assertEqualsWithDelta(1.0, self::number('room.reached_through', $open, 'l', ['use' => 'kitchen']), 0.0);
    }

    public function test_the_sector_of_the_compass(): void
    {
        self::assertSame('west', self::value('room.orientation', self::row(), 'h'));
        self::assertSame('centre', self::value('room.orientation', self::row(), 'b'));
        self::assertSame('east', self::value('room.orientation', self::row(), 'w'));
        self::assertSame(
            'south',
            self::value('room.orientation', self::row()->document(['north' => 180]), 'w'),
            'north lies to the left, so that right is south',
        );
    }

    public function test_what_borders_the_outside(): void
    {
        self::assertTrue(self::value('room.faces_outside', self::row(), 'b'));
        $inner = (new Sketch())->chain([[0, 0], [9000, 0], [9000, 9000], [0, 9000]])->chain(
            [[3000, 3000], [6000, 3000], [6000, 6000], [3000, 6000]],
            100,
            'interior',
        )
            ->use('o', 'living', 1000, 1000)->use('i', 'storage', 4500, 4500);
        self::assertFalse(self::value('room.faces_outside', $inner, 'i'));
        $unnamed = $inner->with(['rooms' => [['id' => 'i', 'name' => 'I', 'use' => 'storage', 'at' => [4500, 4500]]]]);
        self::assertUnknown(['a room for the unnamed space at 4500, 4500'], self::measure('room.faces_outside', $unnamed, 'i'));
    }

    public function test_openings_outside_and_things_are_counted(): void
    {
        $room = self::row()->window('w1', 4500, 900, 900, ['id' => 'n1'])->fixture('t', 'water_closet', 7000, 0, 90, 400, 700);
        self::assertEqualsWithDelta(1.0, self::number('room.outside_openings', $room, 'b'), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('room.outside_openings', $room, 'w'), 0.0);
        self::assertEqualsWithDelta(2.0, self::number('room.count', $room, 'b', ['kind' => 'door']), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('room.count', $room, 'b', ['kind' => 'window']), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('room.count', $room, 'w', ['kind' => 'water_closet']), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('room.count', $room, 'b', ['kind' => 'water_closet']), 0.0);
    }

    public function test_ratios_of_glass_and_air(): void
    {
        // glass of 1200 x 1200 less 50 all round: 1.21 m² on 9 m²
        $room = Sketch::room(3000, 3000)->window('w1', 1500, 1200, 1200, ['operation' => 'casement', 'sill' => 900]);
        self::assertEqualsWithDelta(1.21 / 9, self::number('room.glazing_ratio', $room, 'r'), 1e-6);
        self::assertEqualsWithDelta(1.21 / 9, self::number('room.vent_ratio', $room, 'r'), 1e-6);
        self::assertUnknown(
            ['n.operation'],
            self::measure('room.vent_ratio', Sketch::room(3000, 3000)->window('w1', 1500, 1200, 1200), 'r'),
        );
    }

    public function test_what_is_shared_with_the_room_one_is_open_to(): void
    {
        // an inner room of 3000 x 3000, 1800 of its 3000 common wall open as a gap 2200 high
        $rooms = (new Sketch())->chain([[-100, -100], [6200, -100], [6200, 3100], [-100, 3100]])->wall([3050, -100], [3050, 3100])
            ->use('a', 'study', 1500, 1500)->use('b', 'living', 4500, 1500)
            ->add('openings', ['id' => 'g', 'kind' => 'gap', 'wall' => 'w5', 'at' => 1600, 'width' => 1800, 'height' => 2200])
            ->window('w2', 1600, 1300, 1300, ['operation' => 'casement', 'sill' => 900]);
        self::assertEqualsWithDelta(1.8 * 2.2 / (3.0 * 2.4), self::number('room.shared_share', $rooms, 'a'), 1e-6);
        self::assertEqualsWithDelta(1.8 * 2.2, self::number('room.shared_opening', $rooms, 'a'), 1e-6);
        self::assertEqualsWithDelta(
            18.0 + 0.0,
            self::number('room.shared_floor', $rooms, 'a'),
            0.31,
            'both rooms, the second 3000 or 3100 wide',
        );
        self::assertEqualsWithDelta(1.44, self::number('room.shared_glass', $rooms, 'a'), 1e-6);
        self::assertEqualsWithDelta(1.44, self::number('room.shared_vent', $rooms, 'a'), 1e-6);
        self::assertInstanceOf(NotApplicable::class, self::measure('room.shared_share', Sketch::room(3000, 3000), 'r'));
    }

    public function test_a_divider_is_open_to_the_ceiling(): void
    {
        $open = (new Sketch())->chain([
            [-100, -100],
            [6100, -100],
            [6100, 3100],
            [-100, 3100],
        ])->wall([3000, -100], [3000, 3100], 0, 'divider')
            ->use('k', 'kitchen', 1500, 1500)->use('l', 'living', 4500, 1500);
        self::assertEqualsWithDelta(1.0, self::number('room.shared_share', $open, 'k'), 1e-6);
        self::assertEqualsWithDelta(3.0 * 2.4, self::number('room.shared_opening', $open, 'k'), 1e-6);
        self::assertUnknown(['k.ceiling or G.ceiling'], self::measure('room.shared_opening', $open->with(['ceiling' => null]), 'k'));
    }

    public function test_counts_over_the_dwelling(): void
    {
        $home = self::row()->fixture('a', 'smoke_alarm', 4500, 1500, 0, 100, 100);
        self::assertEqualsWithDelta(9.0, self::number('dwelling.sum_of_areas', $home, 'dwelling', ['uses' => 'bedroom']), 0.01);
        self::assertEqualsWithDelta(9.0 + 9.0, self::number('dwelling.sum_of_areas', $home, 'dwelling', ['uses' => 'hall, bedroom']), 0.01);
        self::assertEqualsWithDelta(1.0, self::number('dwelling.room_count', $home, 'dwelling', ['use' => 'bedroom']), 0.0);
        self::assertEqualsWithDelta(3.0, self::number('dwelling.room_count', $home, 'dwelling'), 0.0);
        self::assertEqualsWithDelta(
            0.0,
            self::number('dwelling.rooms_lacking', $home, 'dwelling', ['use' => 'bedroom', 'kind' => 'smoke_alarm']),
            0.0,
        );
        self::assertEqualsWithDelta(
            1.0,
            self::number('dwelling.sleeping_areas_lacking', $home, 'dwelling', ['kind' => 'smoke_alarm']),
            0.0,
        );
        self::assertEqualsWithDelta(
            0.0,
            self::number(
                'dwelling.sleeping_areas_lacking',
                $home->fixture('a2', 'smoke_alarm', 1500, 1500, 0, 100, 100),
                'dwelling',
                ['kind' => 'smoke_alarm'],
            ),
            0.0,
        );
        self::assertEqualsWithDelta(0.0, self::number('dwelling.storeys_lacking', $home, 'dwelling', ['kind' => 'smoke_alarm']), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('dwelling.storeys_lacking', $home, 'dwelling', ['kind' => 'co_alarm']), 0.0);
        self::assertEqualsWithDelta(2.0, self::number('storey.fixture_count', $home, 'G', ['kind' => 'smoke_alarm']), 0.0);
    }

    public function test_soffits_hang_apart(): void
    {
        $square = static fn(float $x): array => [[$x, 500], [$x + 200, 500], [$x + 200, 2500], [$x, 2500]];
        $room = Sketch::room(4000, 3000)->add('soffits', ['id' => 's1', 'outline' => $square(500), 'underside' => 2000])->add(
            'soffits',
            ['id' => 's2', 'outline' => $square(1600), 'underside' => 2000],
        );
        self::assertEqualsWithDelta(900.0, self::number('soffit.spacing', $room, 's1'), 0.01);
        self::assertEqualsWithDelta(2000.0, self::number('soffit.underside', $room, 's1'), 0.01);
        self::assertSame('bedroom', self::value('soffit.room_use', $room, 's2'));
    }
}
