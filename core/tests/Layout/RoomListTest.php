<?php

declare(strict_types=1);

namespace Heurema\Tests\Layout;

use Heurema\Layout\Intake\ListedRoom;
use Heurema\Layout\Intake\RoomArrangement;
use Heurema\Layout\Intake\RoomList;
use Heurema\Layout\Intake\RoomSize;
use Heurema\Layout\Intake\UnreadableRoomList;
use Heurema\Layout\Words\RoomUse;
use Heurema\Layout\Words\WallType;
use Heurema\Spatial\Home;
use Heurema\Spatial\SaidSize;
use Heurema\Spatial\WallDatum;
use Heurema\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

final class RoomListTest extends TestCase
{
    public function test_reads_rooms_as_people_list_them(): void
    {
        $rooms = (new RoomList(UnitSystem::Imperial))->read(
            "Bedroom 11' x 12'4\n\nBedroom 2 9 ft 6 × 10'-0 1/2\"\nHall 48 by 12'\nOdd corner 6' x 6'",
        );
        self::assertSame(
            ['Bedroom', 'Bedroom 2', 'Hall', 'Odd corner'],
            array_map(static fn(ListedRoom $room): string => $room->name, $rooms),
        );
        self::assertSame(
            [RoomUse::Bedroom, RoomUse::Bedroom, RoomUse::Hall, RoomUse::Other],
            array_map(static fn(ListedRoom $room): RoomUse => $room->use, $rooms),
        );
        self::assertEqualsWithDelta(
            [3352.8, 2895.6, 1219.2, 1828.8],
            array_map(static fn(ListedRoom $room): float => $room->width, $rooms),
            1e-6,
        );
        self::assertEqualsWithDelta(
            [3759.2, 3060.7, 3657.6, 1828.8],
            array_map(static fn(ListedRoom $room): float => $room->depth, $rooms),
            1e-6,
        );
        [$metric] = (new RoomList(UnitSystem::Metric))->read('Bathroom 1 1800 x 2.4 m');
        self::assertSame(['Bathroom 1', 1800.0, 2400.0], [$metric->name, $metric->width, $metric->depth]);
    }

    public function test_every_line_that_cannot_be_read_is_told(): void
    {
        try {
            (new RoomList(UnitSystem::Metric))->read("Bedroom 3000 x 4000\nBedroom\nHall 1,500 x 3000\nBath 180 x 2400\n 3000 x 4000");
            self::fail('It was read.');
        } catch (UnreadableRoomList $e) {
            self::assertSame([2, 3, 4, 5], array_keys($e->problems));
            self::assertStringContainsString('two ways', $e->problems[3]);
            self::assertStringContainsString('1800 mm is more likely', $e->problems[4]);
        }
        $this->expectException(UnreadableRoomList::class);
        (new RoomList(UnitSystem::Metric))->read('');
    }

    /** Seeds 1 to 40: whatever is listed comes out at its size, and the rooms do not run into one another. */
    public function test_rooms_come_out_as_large_as_they_were_listed(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            mt_srand($seed);
            $rooms = array_map(
                static fn(int $i): ListedRoom => new ListedRoom("Room {$i}", RoomUse::Bedroom, mt_rand(1500, 6000), mt_rand(1500, 6000)),
                range(1, mt_rand(1, 9)),
            );
            foreach (RoomSize::cases() as $size) {
                $home = new Home((new RoomArrangement(UnitSystem::Metric, 240, 100, $size))->layout('Listed', $rooms));
                foreach ($home->rooms as $number => $room) {
                    $said = new SaidSize($rooms[$number]->width, $rooms[$number]->depth, WallDatum::Finished);
                    $cut = [
                        RoomSize::Inside->value => 0.0,
                        RoomSize::Middles->value => 100.0,
                        RoomSize::Outside->value => 200.0,
                    ][$size->value];
                    self::assertEqualsWithDelta([$cut, $cut], $said->shortfall($room), 0.01, "seed {$seed}, {$room->name()}");
                    self::assertEqualsWithDelta(
                        ($rooms[$number]->width - $cut) * ($rooms[$number]->depth - $cut) / 1e6,
                        ($room->outline()?->area() ?? 0.0) / 1e6,
                        1e-4,
                    );
                }
            }
        }
    }

    public function test_a_shared_wall_is_made_once(): void
    {
        $rooms = [new ListedRoom('A', RoomUse::Study, 3000, 3000), new ListedRoom('B', RoomUse::Study, 3000, 3000)];
        $walls = (new RoomArrangement(UnitSystem::Metric, 240, 100))->layout('Two', $rooms)->storeys[0]->walls;
        $inner = array_values(array_filter($walls, static fn($wall): bool => $wall->type === WallType::Interior));
        self::assertCount(1, $inner);
        self::assertCount(5, $walls, 'two long walls, two ends, one between');
    }
}
