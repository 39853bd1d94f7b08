<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;
use PHPUnit\Framework\Attributes\DataProvider;

final class FreeFloorMeasuresTest extends MeasureTestCase
{
    /** A hall of 3000 x 1000 with a door in either end wall. */
    private static function hall(float $width = 1000): Sketch
    {
        return Sketch::room(3000, $width, 'hall')->door(
            'w2',
            100 + $width / 2,
            800,
            ['id' => 'e'],
        )->door('w4', 100 + $width / 2, 800, ['id' => 'f']);
    }

    public function test_the_way_down_an_empty_hall_is_as_wide_as_the_hall(): void
    {
        self::assertEqualsWithDelta(1000.0, self::number('room.passage', self::hall(), 'r'), 0.01, 'not as the doors at its ends');
    }

    public function test_a_cupboard_narrows_the_way(): void
    {
        $beside = self::hall()->fixture('c', 'wardrobe', 1500, 0, 90, 600, 350);
        self::assertEqualsWithDelta(650.0, self::number('room.passage', $beside, 'r'), 0.01);
    }

    public function test_the_wider_way_around_a_thing_counts(): void
    {
        // an island of 300 in a hall of 2000: 600 on the one side, 1100 on the other
        $around = self::hall(2000)->fixture('c', 'island', 1500, 600, 90, 900, 300);
        self::assertEqualsWithDelta(1100.0, self::number('room.passage', $around, 'r'), 0.01);
    }

    public function test_two_things_narrow_it_between_them(): void
    {
        $two = self::hall(2000)->fixture('c', 'wardrobe', 1000, 0, 90, 600, 600)->fixture('g', 'wardrobe', 2100, 2000, 270, 600, 600);
        // corners (1300, 600) and (1800, 1400) are hypot(500, 800) apart; past either fixture it is 1400 wide
        self::assertEqualsWithDelta(hypot(500, 800), self::number('room.passage', $two, 'r'), 0.01);
    }

    public function test_what_stands_from_wall_to_wall_leaves_no_way(): void
    {
        self::assertEqualsWithDelta(
            0.0,
            self::number('room.passage', self::hall()->fixture('c', 'wardrobe', 1500, 0, 90, 600, 1000), 'r'),
            0.6,
        );
    }

    public function test_a_hanging_cupboard_narrows_nothing(): void
    {
        self::assertEqualsWithDelta(
            1000.0,
            self::number('room.passage', self::hall()->fixture('c', 'wall_cabinet', 1500, 0, 90, 600, 350, ['base' => 2050]), 'r'),
            0.01,
        );
    }

    public function test_a_neck_between_two_doors(): void
    {
        // an L: 3000 x 1000 below, a leg of 700 x 2000 standing on its right end, doors in the left and the top wall
        $room = (new Sketch())->chain([
            [-100, -100], [3100, -100], [3100, 3100], [2200, 3100], [2200, 1100], [-100, 1100],
        ])->use('r', 'hall', 500, 500)
            ->door('w6', 600, 700, ['id' => 'd1'])->door('w3', 450, 600, ['id' => 'd2']);
        self::assertEqualsWithDelta(700.0, self::number('room.passage', $room, 'r'), 0.01);
    }

    public function test_one_door_makes_no_way_and_windows_may_count(): void
    {
        $bedroom = Sketch::room(3000, 3000)
            ->door('w1', 1000, 800)
            ->window('w3', 1500, 1200, 1200, ['sill' => 900])
            ->fixture('b', 'bed', 1500, 1000, 90, 1400, 1900);
        self::assertInstanceOf(NotApplicable::class, self::measure('room.passage', $bedroom, 'r'));
        // from the door below to the window above: past the foot of the bed at 2900 there is 100, beside it 800
        self::assertEqualsWithDelta(100.0, self::number('room.passage', $bedroom, 'r', ['to' => 'windows']), 0.01);
    }

    public function test_a_turning_circle_fits_between_the_faces_and_fixtures(): void
    {
        self::assertEqualsWithDelta(1524.0, self::number('room.turning_circle', Sketch::room(1524, 3000), 'r'), 0.02);
        $beside = Sketch::room(2000, 2000)->fixture('c', 'wardrobe', 1000, 0, 90, 2000, 500);
        self::assertEqualsWithDelta(1500.0, self::number('room.turning_circle', $beside, 'r'), 0.02);
        // a fixture of 1000 x 1000 in the corner of 2000 x 2000: the circle touches two walls and its corner, r (1 + 1/√2) √2 = 1000 √2
        $corner = Sketch::room(2000, 2000)->fixture('c', 'wardrobe', 500, 0, 90, 1000, 1000);
        self::assertEqualsWithDelta(2 * 1000 * M_SQRT2 / (1 + M_SQRT2), self::number('room.turning_circle', $corner, 'r'), 0.02);
    }

    public function test_door_leaves_may_be_kept_out_of_the_circle(): void
    {
        $room = Sketch::room(2000, 1600, 'bathroom')->door(
            'w1',
            1100,
            800,
            ['operation' => 'hinged', 'hinge' => 'from', 'opens' => 'left'],
        );
        self::assertEqualsWithDelta(1600.0, self::number('room.turning_circle', $room, 'r'), 0.02);
        self::assertLessThan(1400.0, self::number('room.turning_circle', $room, 'r', ['clear_of' => 'swings']));
    }

    /** @return iterable<string, array{float, float, float}> width of the room, of the box, how deep it goes */
    public static function boxes(): iterable
    {
        yield 'along' => [1000, 762, 2000];
        yield 'just as wide' => [762, 762, 2000];
        yield 'turned, it goes across' => [700, 762, 700];
    }

    #[DataProvider('boxes')]
    public function test_a_clear_box_goes_either_way(float $room, float $box, float $depth): void
    {
        self::assertEqualsWithDelta(
            $depth,
            self::number('room.clear_box', Sketch::room($room, 2000), 'r', ['width' => Amount::length($box)]),
            0.01,
        );
    }

    public function test_a_clear_box_in_an_l_shaped_rest(): void
    {
        // 2000 x 2000 less 1200 x 1500 in a corner: 800 x 2000 beside it, 2000 x 500 above it
        $room = Sketch::room(2000, 2000)->fixture('c', 'bath', 600, 0, 90, 1200, 1500);
        self::assertEqualsWithDelta(2000.0, self::number('room.clear_box', $room, 'r', ['width' => Amount::length(762)]), 0.01);
        self::assertEqualsWithDelta(2000.0, self::number('room.clear_box', $room, 'r', ['width' => Amount::length(800)]), 0.01);
        self::assertEqualsWithDelta(
            800.0,
            self::number('room.clear_box', $room, 'r', ['width' => Amount::length(801)]),
            0.01,
            'a box lying across, 801 by 800',
        );
        self::assertEqualsWithDelta(
            0.0,
            self::number('room.clear_box', Sketch::room(700, 700), 'r', ['width' => Amount::length(762)]),
            0.01,
        );
    }

    public function test_a_clear_box_where_faces_run_aslant(): void
    {
        // a right triangle with legs of 2000 and its longest face of 2000 √2 aslant: a box 500 high on it is 2 x 500 shorter
        $triangle = (new Sketch())->chain([[0, 0], [2000, 0], [0, 2000]], 0.2)->use('r', 'bedroom', 300, 300);
        self::assertEqualsWithDelta(
            2000 * M_SQRT2 - 1000,
            self::number('room.clear_box', $triangle, 'r', ['width' => Amount::length(500)]),
            1.5,
        );
    }
}
