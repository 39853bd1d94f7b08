<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

/** Thresholds, the floor left beside an open leaf, glazed doors, and the ways into a room. */
final class DoorsAndWaysTest extends MeasureTestCase
{
    public function test_thresholds(): void
    {
        $outside = static fn(?float $height): Sketch => Sketch::room(3000, 3000)->door(
            'w1',
            1600,
            900,
            $height === null ? [] : ['threshold' => $height],
        );
        self::assertSame(13.0, self::number('door.threshold', $outside(13), 'd'));
        self::assertUnknown(['d.threshold'], self::measure('door.threshold', $outside(null), 'd'));
        $inside = self::measure('door.threshold', self::bathroom(2400), 'd');
        self::assertInstanceOf(Measured::class, $inside);
        self::assertSame(
            [0.0, ['Door D1 between R and H is taken to have no threshold.']],
            [$inside->amount()->number, Said::all($inside->assumptions)],
        );
    }

    public function test_the_floor_left_beside_an_open_leaf(): void
    {
        // hinged 50 mm from the wall, the leaf of 800 sweeps a quarter disc; a strip of 762 along the far wall begins 738 mm up, where the
        // disc is still √(800² − 738²) = 308.8 mm wide
        $beyond = 50 + sqrt(800 ** 2 - 738 ** 2);
        foreach ([2400.0, 1400.0] as $width) {
            self::assertEqualsWithDelta(
                $width - $beyond,
                self::number('door.box_beyond_swing', self::bathroom($width), 'd', ['width' => Amount::length(762)]),
                1.0,
            );
        }
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure(
                'door.box_beyond_swing',
                Sketch::room(3000, 3000)->door('w1', 1600, 900, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'right']),
                'd',
            ),
        );
        self::assertUnknown(
            ['d.opens'],
            self::measure('door.box_beyond_swing', Sketch::room(3000, 3000)->door('w1', 1600, 900, ['operation' => 'hinged']), 'd'),
        );
    }

    public function test_the_glass_of_a_glazed_door(): void
    {
        // 900 x 2040 less 125 all around: 650 x 1790
        $glazed = self::measure('door.glass_area', Sketch::room(3000, 3000)->door('w1', 1600, 900, ['glazed' => true]), 'd');
        self::assertInstanceOf(Measured::class, $glazed);
        self::assertEqualsWithDelta(650 * 1790, $glazed->amount()->number * 1e6, 1.0);
        self::assertCount(1, $glazed->assumptions);
        self::assertInstanceOf(
            NotApplicable::class,
            self::measure('door.glass_area', Sketch::room(3000, 3000)->door('w1', 1600, 900), 'd'),
        );
        self::assertEqualsWithDelta(
            0.0,
            self::number('door.glass_area', Sketch::room(3000, 3000)->door('w1', 1600, 250, ['glazed' => true]), 'd'),
            1e-9,
        );
        $unsized = Sketch::room(3000, 3000)->add(
            'openings',
            ['id' => 'd', 'kind' => 'door', 'wall' => 'w1', 'at' => 1600, 'width' => 900, 'glazed' => true],
        );
        self::assertUnknown(['d.height'], self::measure('door.glass_area', $unsized, 'd'));
    }

    public function test_the_ways_into_a_room(): void
    {
        self::assertSame(0.0, self::number('room.doors', Sketch::room(3000, 3000), 'r'));
        self::assertSame(
            1.0,
            self::number('room.doors', Sketch::room(3000, 3000)->door('w1', 1600, 900)->window('w2', 1500, 900, 900), 'r'),
        );
        $gap = Sketch::room(3000, 3000)->door('w1', 1600, 900)->add(
            'openings',
            ['id' => 'g', 'kind' => 'gap', 'wall' => 'w3', 'at' => 1500, 'width' => 1200, 'height' => 2100],
        );
        self::assertSame(2.0, self::number('room.doors', $gap, 'r'));
        $divided = Sketch::room(6000, 3000, 'living')->wall([3000, 0], [3000, 3000], 0, 'divider')->use('k', 'kitchen', 4500, 1500);
        self::assertSame(
            [0.0, 1.0],
            [self::number('room.doors', Sketch::room(6000, 3000), 'r'), self::number('room.doors', $divided->with([]), 'k')],
        );
        self::assertUnknown(['walls closed around r.at'], self::measure('room.doors', (new Sketch())->use('r', 'bedroom', 0, 0), 'r'));
    }

    public function test_a_stair_is_a_way_into_the_room_where_it_comes_up(): void
    {
        $home = HeadroomTest::stairwell(void: [1550, 1375, 2450, 4500]);
        self::assertSame(1.0, self::number('room.doors', $home, 'ur'));
        self::assertSame(0.0, self::number('room.doors', $home, 'r'), 'below it sets out');
    }

    /** A bathroom 1500 deep above a hall, with a door of 800 at its left end that opens into it. */
    private static function bathroom(float $width): Sketch
    {
        return (new Sketch())->chain([
            [-100, -1400],
            [$width + 100, -1400],
            [$width + 100, 1600],
            [-100, 1600],
        ])->wall([-100, -50], [$width + 100, -50])
            ->use('r', 'bathroom', $width / 2, 700)->use('h', 'hall', $width / 2, -700)
            ->door('w5', 550, 800, ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left']);
    }
}
