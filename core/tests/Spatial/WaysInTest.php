<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Layout\LayoutReader;
use Heurema\Spatial\Beyond;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Tests\FurnishedPlan;
use Heurema\Tests\Measure\MeasureTestCase;
use Heurema\Tests\Sketch;

/** How one gets into rooms from outside, and out. */
final class WaysInTest extends MeasureTestCase
{
    public function test_a_door_high_above_the_ground_is_no_way_out(): void
    {
        $home = static fn(float $grade, ?float $outside = null): Sketch => Sketch::room(4000, 3000)->door(
            'w1',
            2000,
            900,
            ['operation' => 'hinged', ...($outside === null ? [] : ['exterior_level' => $outside])],
        )->document(['grade' => $grade]);
        self::assertSame(1.0, self::number('room.ways_out', $home(-150), 'r'));
        self::assertSame([1.0, 0.0], [self::number('room.ways_out', $home(-762), 'r'), self::number('room.ways_out', $home(-762.1), 'r')]);
        self::assertSame(0.0, self::number('room.ways_out', $home(-3048), 'r'), 'ten feet up, and nothing outside');
        self::assertSame(1.0, self::number('room.ways_out', $home(-3048, -150), 'r'), 'a landing is said to be there');
        $unknown = $home(0)->document(['grade' => null]);
        self::assertUnknown(['d.exterior_level'], self::measure('door.step_down', $unknown, 'd'));
    }

    public function test_steps_outside_lead_to_the_door_that_they_reach(): void
    {
        $stair = [
            'from_storey' => null,
            'to_storey' => 'G',
            'rise' => 1000,
            'start' => [2000, -2000],
            'width' => 1000,
            'parts' => [['flight' => ['risers' => 6, 'tread' => 300]]],
        ];
        $home = static fn(float $x): Sketch => Sketch::room(4000, 3000)
            ->door('w1', $x, 900, ['operation' => 'hinged'])
            ->document(['grade' => -1000])
            ->stair([...$stair, 'start' => [2000, -1800]]);
        self::assertSame(6.0, self::number('door.outside_risers', $home(2100), 'd'));
    }

    /** Against taking each room away in turn and looking who can still be reached. */
    public function test_rooms_that_one_has_to_pass_are_those_without_which_there_is_no_way(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $home = new Home((new LayoutReader())->read(json_encode(
                ['grade' => -100] + FurnishedPlan::document($seed, 3 + $seed % 9),
                JSON_THROW_ON_ERROR,
            )));
            foreach ($home->rooms as $room) {
                $isReached = self::reached($home, null)[$room->id()] ?? false;
                self::assertSame($isReached, $home->waysIn()->reach($room), "seed {$seed}, {$room->name()}");
                if (!$isReached) {
                    continue;
                }
                $expected = array_filter(
                    $home->rooms,
                    static fn(RoomSpace $gone): bool => $gone !== $room && !isset(self::reached($home, $gone)[$room->id()]),
                );
                $through = $home->waysIn()->crossedBefore($room);
                $expected = array_map(static fn(RoomSpace $passed): string => $passed->id(), array_values($expected));
                sort($through);
                sort($expected);
                self::assertSame($expected, $through, "seed {$seed}, {$room->name()}");
            }
        }
    }

    /** @return array<string, true> ids of rooms reached from outside where one is closed off */
    private static function reached(Home $home, ?RoomSpace $closed): array
    {
        $reached = [];
        do {
            $before = count($reached);
            foreach ($home->openings as $opening) {
                foreach (self::ends($opening) as [$from, $to]) {
                    $comes = $from === null || isset($reached[$from->id()]);
                    if ($comes && $to !== null && ($closed === null || ($to !== $closed && $from !== $closed))) {
                        $reached[$to->id()] = true;
                    }
                }
            }
        } while (count($reached) > $before);

        return $reached;
    }

    /** @return list<array{RoomSpace|null, RoomSpace|null}> from, to; null is the open */
    private static function ends(PlacedOpening $opening): array
    {
        if ($opening->opening->kind->value === 'window') {
            return [];
        }
        $end = static fn(Beyond $beyond): RoomSpace|false|null => $beyond->isOpenAir() === true ? null : ($beyond->room ?? false);
        [$left, $right] = [$end($opening->left), $end($opening->right)];

        return $left === false || $right === false ? [] : [[$left, $right], [$right, $left]];
    }
}
