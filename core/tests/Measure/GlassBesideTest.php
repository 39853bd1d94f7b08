<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;

/** Glass beside doors, baths and stairs, and what stands before windows. */
final class GlassBesideTest extends MeasureTestCase
{
    public function test_where_the_glass_begins_and_ends(): void
    {
        $room = Sketch::room(3000, 3000)->window('w1', 1600, 1200, 1200, ['sill' => 400, 'frame' => 40]);
        self::assertEqualsWithDelta(440.0, self::number('window.glass_bottom', $room, 'n'), 0.01);
        self::assertEqualsWithDelta(1560.0, self::number('window.glass_top', $room, 'n'), 0.01);
        self::assertUnknown(
            ['n.sill'],
            self::measure('window.glass_bottom', Sketch::room(3000, 3000)->window('w1', 1600, 1200, 1200), 'n'),
        );
    }

    public function test_a_door_in_the_same_wall(): void
    {
        // the door ends at 1450, the window's glass begins at 1700 + 50
        $room = Sketch::room(5000, 3000)->door('w1', 1000, 900)->window('w1', 2300, 1200, 1200, ['sill' => 400]);
        self::assertEqualsWithDelta(300.0, self::number('window.to_door', $room, 'n'), 0.01);
    }

    /** A door and glass in one wall count together only where one room, or the open air, has both. */
    public function test_a_door_of_other_rooms_in_the_same_wall(): void
    {
        $rooms = static fn(float $upperWall): Sketch => Sketch::room(5000, 4000)->with(['rooms' => [
            ['id' => 'a', 'use' => 'study', 'at' => [300, 300]], ['id' => 'b', 'use' => 'study', 'at' => [4700, 300]],
            ['id' => 'c', 'use' => 'study', 'at' => [300, 3700]], ['id' => 'e', 'use' => 'study', 'at' => [4700, 3700]],
        ]])
            ->wall([0, 2000], [5000, 2000])
            ->wall([2450, 0], [2450, 2000])
            ->wall([$upperWall, 2000], [$upperWall, 4000])
            ->door('w5', 1900, 900)
            ->window('w5', 3100, 1000, 1200, ['sill' => 400]);
        // the glass begins 50 mm into the window, the door ends at 2350
        self::assertInstanceOf(NotApplicable::class, self::measure('window.to_door', $rooms(2450), 'n'));
        self::assertEqualsWithDelta(300.0, self::number('window.to_door', $rooms(4000), 'n'), 0.01, 'both are in one room above');
        $outside = Sketch::room(5000, 4000)->wall([2450, 0], [2450, 4000])->use('a', 'study', 300, 300)
            ->door('w1', 2000, 900)
            ->window('w1', 3200, 1000, 1200, ['sill' => 400]);
        self::assertEqualsWithDelta(300.0, self::number('window.to_door', $outside, 'n'), 0.01, 'both look outside');
    }

    public function test_a_door_in_another_wall_counts_by_its_hinge_where_it_swings_in(): void
    {
        // the door in the right wall has its hinge 200 above the lower face; the glass ends 400 left of the corner
        $room = static fn(string $opens): Sketch => Sketch::room(3000, 3000)->door(
            'w2',
            750,
            900,
            ['operation' => 'hinged', 'hinge' => 'from', 'opens' => $opens],
        )->window('w1', 2200, 900, 1200, ['sill' => 400]);
        self::assertEqualsWithDelta(hypot(500, 300), self::number('window.to_door', $room('left'), 'n'), 0.01);
        self::assertInstanceOf(NotApplicable::class, self::measure('window.to_door', $room('right'), 'n'));
    }

    public function test_doors_of_other_rooms_and_of_shallow_closets_are_left_aside(): void
    {
        $closet = static fn(float $depth): Sketch => (new Sketch())->chain([[-100, -100], [5100, -100], [5100, 3100], [-100, 3100]])
            ->wall([0, 3000 - $depth - 50], [2000, 3000 - $depth - 50])->wall([2000, 3000 - $depth - 50], [2000, 3100])
            ->use('r', 'bedroom', 3000, 1000)->use('c', 'closet', 1000, 2900)
            ->door(
                'w5',
                1200,
                700,
                ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'right'],
            )->window('w4', 1800, 600, 1200, ['sill' => 400]);
        self::assertInstanceOf(NotApplicable::class, self::measure('window.to_door', $closet(900), 'n'));
        self::assertNotInstanceOf(NotApplicable::class, self::measure('window.to_door', $closet(1000), 'n'));
    }

    public function test_water_near_the_glass(): void
    {
        $bath = Sketch::room(3000, 3000, 'bathroom')->window('w1', 1600, 800, 600, ['sill' => 1200])->fixture(
            'b',
            'bath',
            1500,
            3000,
            270,
            1700,
            700,
        );
        self::assertEqualsWithDelta(2300.0, self::number('window.to_bath', $bath, 'n'), 0.01);
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure('window.to_bath', Sketch::room(3000, 3000)->window('w1', 1600, 800, 600), 'n'),
        );
    }

    public function test_a_stair_near_the_glass(): void
    {
        $stair = Sketch::room(3000, 4000, 'hall')->window('w1', 1600, 800, 600, ['sill' => 400])->stair([
            'start' => [1500, 500],
            'parts' => [['flight' => ['risers' => 10, 'tread' => 250]]],
        ]);
        self::assertEqualsWithDelta(500.0, self::number('window.to_stair', $stair, 'n'), 0.01);
    }

    public function test_what_stands_before_a_window(): void
    {
        $window = static fn(): Sketch => Sketch::room(3000, 3000)->window('w1', 1600, 1200, 1200, ['sill' => 900]);
        self::assertEqualsWithDelta(
            0.0,
            self::number('window.blocked_by', $window()->fixture('c', 'base_cabinet', 1500, 0, 90, 600, 600, ['height' => 900]), 'n'),
            0.0,
            'it ends at the sill',
        );
        self::assertEqualsWithDelta(
            1.0,
            self::number('window.blocked_by', $window()->fixture('c', 'tall_cabinet', 1500, 0, 90, 600, 600, ['height' => 901]), 'n'),
            0.0,
        );
        self::assertEqualsWithDelta(
            0.0,
            self::number('window.blocked_by', $window()->fixture('c', 'tall_cabinet', 1500, 101, 90, 600, 600, ['height' => 2000]), 'n'),
            0.0,
            'it stands off the wall',
        );
        self::assertEqualsWithDelta(
            1.0,
            self::number('window.blocked_by', $window()->fixture('b', 'bed', 1500, 50, 90, 1400, 1900, ['height' => 500]), 'n'),
            0.0,
            'the head of a bed',
        );
        self::assertEqualsWithDelta(
            0.0,
            self::number('window.blocked_by', $window()->fixture('b', 'bed', 1500, 1950, 270, 1400, 1900, ['height' => 500]), 'n'),
            0.0,
            'its foot',
        );
        self::assertEqualsWithDelta(
            1.0,
            self::number(
                'window.blocked_by',
                $window()->fixture('c', 'wall_cabinet', 1500, 0, 90, 600, 300, ['base' => 1400, 'height' => 700]),
                'n',
            ),
            0.0,
        );
    }
}
