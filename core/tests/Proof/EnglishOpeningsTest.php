<?php

declare(strict_types=1);

namespace Heurema\Tests\Proof;

use Heurema\Layout\LayoutReader;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\StoreysUp;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * The book uk-part-f-b against Approved Document F volume 1 (2021), purge ventilation, and Approved Document B volume 1 (2019),
 * paragraph 2.10, emergency escape windows, written down here again from memory of the documents.
 */
final class EnglishOpeningsTest extends BookProof
{
    /** @return iterable<string, array{float, float, bool}> m² of floor, m² of opening, whether windows open by 30 degrees or more */
    public static function purges(): iterable
    {
        foreach ([8.0, 12.5, 30.0] as $floor) {
            yield "F1: 1/20 of {$floor} m2" => [$floor, $floor / 20, true];
            yield "F1: 1/10 of {$floor} m2" => [$floor, $floor / 10, false];
        }
    }

    #[DataProvider('purges')]
    public function test_purge(float $floor, float $opening, bool $isWide): void
    {
        $verdict = static fn(float $area): string => self::verdict(
            'uk-part-f-b/purge',
            ['room.use' => 'bedroom', 'room.floor_area' => "{$floor} m2", 'room.vent_area' => "{$area} m2"],
            ['wide_opening' => $isWide],
        );
        self::assertSame(['violated', 'met', 'met'], [$verdict($opening - 0.0002), $verdict($opening), $verdict($opening + 0.0002)]);
    }

    public function test_which_rooms_lie_a_storey_up(): void
    {
        self::assertSame([0.0, 1.0, 2.0], self::storeysUp([0.0, 2700.0, 5400.0]));
        self::assertSame([0.0, 0.0, 1.0], self::storeysUp([-2500.0, 200.0, 2900.0]), 'a cellar is no storey up, nor is what lies over it');
        self::assertSame([0.0, 1.0], self::storeysUp([-1200.0, 1500.0]), 'a sunken ground floor');
        self::assertSame([0.0, 0.0], self::storeysUp([-1200.1, 1500.0]));
    }

    /**
     * @param list<float> $elevations of storeys with one room each
     *
     * @return list<float|null>
     */
    private static function storeysUp(array $elevations): array
    {
        $storeys = [];
        foreach ($elevations as $number => $elevation) {
            $storeys[] = [
                'id' => "s{$number}",
                'name' => 'S',
                'elevation' => $elevation,
                'rooms' => [['id' => "r{$number}", 'name' => 'R', 'use' => 'bedroom', 'at' => [0, 0]]],
            ];
        }
        $home = new Home((new LayoutReader())->read(json_encode(
            ['format' => 'heurema-layout', 'version' => 1, 'name' => 'x', 'units' => 'metric', 'grade' => 0, 'storeys' => $storeys],
            JSON_THROW_ON_ERROR,
        )));
        $measured = array_map(
            static fn(RoomSpace $room): Measurement => (new StoreysUp('room.storeys_up'))->of($room, $home, new Parameters()),
            $home->rooms,
        );

        return array_map(static fn(Measurement $one): ?float => $one instanceof Measured ? $one->amount()->number : null, $measured);
    }
}
