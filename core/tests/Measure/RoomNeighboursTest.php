<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Layout\LayoutReader;
use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Compass;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/** What lies beside a room, where it opens to, and what its windows look at. */
final class RoomNeighboursTest extends MeasureTestCase
{
    /**
     * A kitchen 3 m wide below a study and a bedroom; the wall between those stands so far from the kitchen's left end.
     */
    private static function three(float $at, string $parts = 'interior'): Sketch
    {
        return (new Sketch())->chain([[-100, -100], [3100, -100], [3100, 6200], [-100, 6200]])
            ->wall([-100, 3050], [3100, 3050], $parts === 'divider' ? 0 : 100, $parts)->wall([$at, 3050], [$at, 6200])
            ->use('k', 'kitchen', 1500, 1500)->use('s', 'study', ($at - 50) / 2, 4500)->use('b', 'bedroom', ($at + 3050) / 2, 4500);
    }

    /** @return iterable<string, array{float, float}> where the wall's middle stands, and how many studies the kitchen is beside */
    public static function corners(): iterable
    {
        // the study's face ends 50 mm before the middle of its wall
        yield 'just under 300 mm' => [349.9, 0.0];
        yield 'at 300 mm' => [350.0, 1.0];
        yield 'just over' => [350.1, 1.0];
        yield 'half of the room' => [1500.0, 1.0];
    }

    #[DataProvider('corners')]
    public function test_a_corner_alone_is_not_beside(float $at, float $beside): void
    {
        self::assertEqualsWithDelta($beside, self::number('room.beside', self::three($at), 'k', ['use' => 'study']), 0.0);
        self::assertEqualsWithDelta($beside, self::number('room.beside', self::three($at), 's', ['use' => 'kitchen']), 0.0, 'seen from it');
        self::assertEqualsWithDelta(1.0, self::number('room.beside', self::three($at), 'k', ['use' => 'bedroom']), 0.0);
        self::assertEqualsWithDelta(
            0.0,
            self::number('room.beside', self::three($at), 'k', ['use' => 'kitchen']),
            0.0,
            'no room is beside itself',
        );
    }

    public function test_across_an_open_boundary_rooms_are_beside_each_other_and_open(): void
    {
        $open = self::three(1500, 'divider');
        foreach (['k' => 'study', 's' => 'kitchen', 'b' => 'kitchen'] as $room => $use) {
            self::assertEqualsWithDelta(1.0, self::number('room.beside', $open, $room, ['use' => $use]), 0.0, $room);
            self::assertEqualsWithDelta(1.0, self::number('room.opens_to', $open, $room, ['use' => $use]), 0.0, $room);
        }
        self::assertEqualsWithDelta(0.0, self::number('room.opens_to', $open, 's', ['use' => 'bedroom']), 0.0, 'a wall without a door');
    }

    public function test_doors_and_bare_openings_open_to_rooms_windows_do_not(): void
    {
        $drawn = self::three(1500)->door('w5', 800, 800, ['id' => 'd1'])->window('w6', 1500, 900, 900, ['id' => 'n1']);
        self::assertEqualsWithDelta(1.0, self::number('room.opens_to', $drawn, 'k', ['use' => 'study']), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('room.opens_to', $drawn, 's', ['use' => 'kitchen']), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('room.opens_to', $drawn, 's', ['use' => 'bedroom']), 0.0, 'only a window');
        $bare = self::three(1500)->add(
            'openings',
            ['id' => 'o1', 'kind' => 'gap', 'wall' => 'w6', 'at' => 1500, 'width' => 900, 'height' => 2100],
        );
        self::assertEqualsWithDelta(1.0, self::number('room.opens_to', $bare, 's', ['use' => 'bedroom']), 0.0);
        $two = self::three(1500)->door('w5', 800, 800, ['id' => 'd1'])->door('w5', 2300, 800, ['id' => 'd2']);
        self::assertEqualsWithDelta(0.0, self::number('room.opens_to', $two, 'k', ['use' => 'hall']), 0.0);
        self::assertEqualsWithDelta(1.0, self::number('room.opens_to', $two, 'k', ['use' => 'bedroom']), 0.0);
    }

    public function test_a_space_that_nobody_named_may_be_what_is_asked_for(): void
    {
        $unnamed = (new Sketch())->chain([[-100, -100], [6200, -100], [6200, 3100], [-100, 3100]])
            ->wall([3050, -100], [3050, 3100])->use('b', 'bedroom', 1500, 1500)->door('w5', 1500, 800);
        foreach (['room.opens_to', 'room.beside'] as $measure) {
            $said = self::measure($measure, $unnamed, 'b', ['use' => 'hall']);
            self::assertInstanceOf(Unknown::class, $said, $measure);
            self::assertStringStartsWith('a room for the unnamed space', $said->missing[0]);
        }
    }

    public function test_doors_outside_are_counted_windows_left_aside(): void
    {
        $drawn = self::three(1500)->door('w1', 1000, 900, ['id' => 'd1'])->window('w4', 5000, 900, 900, ['id' => 'n1'])
            ->door('w5', 800, 800, ['id' => 'd2']);
        self::assertEqualsWithDelta(1.0, self::number('room.outside_doors', $drawn, 'k'), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('room.outside_doors', $drawn, 's'), 0.0);
    }

    public function test_the_narrowest_door_into_a_room(): void
    {
        $drawn = self::three(1500)->door('w1', 1000, 900, ['id' => 'd1'])->door('w5', 800, 760, ['id' => 'd2']);
        self::assertEqualsWithDelta(760.0, self::number('room.door_width', $drawn, 'k'), 1e-9);
        self::assertEqualsWithDelta(760.0, self::number('room.door_width', $drawn, 's'), 1e-9);
        self::assertInstanceOf(NotApplicable::class, self::measure('room.door_width', $drawn, 'b'));
        $unsaid = self::three(1500)->add('openings', ['id' => 'd3', 'kind' => 'door', 'wall' => 'w5', 'at' => 800]);
        self::assertUnknown(['d3.width'], self::measure('room.door_width', $unsaid, 's'));
    }

    public function test_the_largest_room_of_a_use(): void
    {
        self::assertFalse(self::value('room.largest_of_its_use', self::three(1200)->sized('rooms', 's', ['use' => 'bedroom']), 's'));
        self::assertTrue(self::value('room.largest_of_its_use', self::three(1200)->sized('rooms', 's', ['use' => 'bedroom']), 'b'));
        self::assertTrue(self::value('room.largest_of_its_use', self::three(1200), 's'), 'the only one of its use');
    }

    /** @return iterable<string, array{float, list<string>}> where north lies, and the sides that a window in the lower wall looks to */
    public static function norths(): iterable
    {
        yield 'north is up' => [90.0, ['south-west', 'south', 'south-east']];
        yield 'north is to the right' => [0.0, ['north-east', 'east', 'south-east']];
        yield 'north is down' => [270.0, ['north-west', 'north', 'north-east']];
        // the window looks to 1 degree east of south: south-west is 46 degrees off
        yield 'a little turned' => [89.0, ['south-east', 'south']];
        yield 'turned the other way' => [91.0, ['south', 'south-west']];
    }

    /** @param list<string> $sides */
    #[DataProvider('norths')]
    public function test_windows_look_within_45_degrees_of_a_side(float $north, array $sides): void
    {
        $drawn = self::three(1500)->window('w1', 1500, 1200, 1200)->document(['north' => $north]);
        $looks = array_filter(
            ['east', 'north-east', 'north', 'north-west', 'west', 'south-west', 'south', 'south-east'],
            static fn(string $side): bool => self::number('room.windows_towards', $drawn, 'k', ['side' => $side]) > 0.0,
        );
        self::assertEqualsCanonicalizing($sides, $looks);
    }

    public function test_one_looks_through_glazed_doors_alone(): void
    {
        $door = self::three(1500)->door('w1', 1000, 900, ['id' => 'd1']);
        self::assertEqualsWithDelta(
            0.0,
            self::number('room.windows_towards', $door, 'k', ['side' => 'south']),
            0.0,
            'taken not to be glazed',
        );
        $glazed = $door->sized('openings', 'd1', ['glazed' => true]);
        self::assertEqualsWithDelta(1.0, self::number('room.windows_towards', $glazed, 'k', ['side' => 'south']), 0.0);
    }

    public function test_windows_onto_a_porch_and_onto_a_terrace(): void
    {
        $porch = self::three(1500)->sized('rooms', 's', ['use' => 'porch'])->window('w5', 800, 900, 900, ['id' => 'n1']);
        self::assertEqualsWithDelta(1.0, self::number('room.overlooks', $porch, 'k', ['use' => 'porch']), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('room.overlooks', $porch, 'k', ['use' => 'terrace']), 0.0);
        $outline = [[-100, -3000], [3100, -3000], [3100, -200], [-100, -200]];
        $terrace = self::three(1500)->window('w1', 1500, 1200, 1200)->window('w4', 1000, 900, 900, ['id' => 'n2'])
            ->add('terraces', ['id' => 't1', 'outline' => $outline, 'level' => -150]);
        self::assertEqualsWithDelta(1.0, self::number('room.overlooks', $terrace, 'k', ['use' => 'terrace']), 0.0);
        self::assertEqualsWithDelta(0.0, self::number('room.overlooks', $terrace, 's', ['use' => 'terrace']), 0.0);
    }

    public function test_the_share_of_circulation(): void
    {
        $home = self::three(1500)->sized('rooms', 's', ['use' => 'hall']);
        // two rooms of 1450 by 3000 mm behind a kitchen of 3000 by 3000 mm
        $share = 1450 / (2 * 1450 + 3000);
        self::assertEqualsWithDelta($share, self::number('dwelling.circulation_share', $home, 'dwelling'), 1e-9);
        $garage = $home->sized('rooms', 'b', ['use' => 'garage']);
        self::assertEqualsWithDelta(
            1450 / (1450 + 3000),
            self::number('dwelling.circulation_share', $garage, 'dwelling'),
            1e-9,
            'the garage is left out',
        );
        $stair = $home->sized('rooms', 'b', ['use' => 'stair']);
        self::assertEqualsWithDelta(2900 / 5900, self::number('dwelling.circulation_share', $stair, 'dwelling'), 1e-9, 'a stair is walked');
    }

    /** @return iterable<string, array{string}> */
    public static function homes(): iterable
    {
        foreach ((array) glob(__DIR__.'/../../../database/demo/*.json') as $file) {
            yield basename((string) $file) => [(string) file_get_contents((string) $file)];
        }
        foreach (range(1, 12) as $seed) {
            yield "made home {$seed}" => [json_encode(FurnishedPlan::document($seed), JSON_THROW_ON_ERROR)];
        }
    }

    /** So many rooms of one use are beside rooms of another as those of the other beside them; and so with ways between them. */
    #[DataProvider('homes')]
    public function test_rooms_are_beside_each_other_and_open_to_each_other(string $document): void
    {
        $home = new Home((new LayoutReader())->read($document));
        $uses = array_values(array_unique(array_filter(array_map(
            static fn(RoomSpace $room): ?string => $room->room->use?->value,
            $home->rooms,
        ))));
        foreach (['room.beside', 'room.opens_to'] as $measure) {
            foreach ($uses as $number => $one) {
                foreach (array_slice($uses, $number + 1) as $other) {
                    // rooms of two uses, such as a living and dining room, count as either
                    if (!RoomUse::isSame($one, $other)) {
                        self::assertSame(
                            self::together($measure, $home, $one, $other),
                            self::together($measure, $home, $other, $one),
                            "{$measure}: {$one} and {$other}",
                        );
                    }
                }
            }
        }
    }

    /** Over all rooms of a use; null where some of it is not known. */
    private static function together(string $measure, Home $home, string $of, string $use): ?float
    {
        $sum = 0.0;
        foreach ($home->rooms as $room) {
            if ($room->isOf($of)) {
                $measured = self::measure($measure, $home, $room->id(), ['use' => $use]);
                if (!$measured instanceof Measured) {
                    return null;
                }
                $sum += $measured->amount()->number;
            }
        }

        return $sum;
    }

    /** Whichever way a home is turned, a window looks to two sides of the eight, or to three when it looks straight to one. */
    #[DataProvider('homes')]
    public function test_every_window_looks_to_two_or_three_sides(string $document): void
    {
        $home = new Home((new LayoutReader())->read($document));
        foreach ($home->rooms as $room) {
            $windows = array_filter(
                $home->openingsOf($room),
                static fn(PlacedOpening $one): bool => $one->type() === SubjectType::Window && $one->isOpenAirFrom($room) === true,
            );
            $looks = 0.0;
            foreach (Compass::SIDES as $side) {
                $measured = self::measure('room.windows_towards', $home, $room->id(), ['side' => $side]);
                $looks += $measured instanceof Measured ? $measured->amount()->number : 0.0;
            }
            self::assertGreaterThanOrEqual(2 * count($windows), $looks, $room->id());
            self::assertLessThanOrEqual(3 * count($home->openingsOf($room)), $looks, $room->id());
        }
    }
}
