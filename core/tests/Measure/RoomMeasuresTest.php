<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\Measured;
use Heurema\Measure\NotApplicable;
use Heurema\Tests\Said;
use Heurema\Tests\Sketch;
use Heurema\Units\Amount;

/** Values worked by hand from the drawn sizes. */
final class RoomMeasuresTest extends MeasureTestCase
{
    public function test_floor_area_leaves_out_columns_and_ducts(): void
    {
        $room = Sketch::room(4000, 3000)->fixture('c', 'column', 2000, 1000, 90, 300, 300)->fixture('b', 'bed', 1000, 0, 90, 900, 2000);
        self::assertEqualsWithDelta(12.0 - 0.09, self::number('room.floor_area', $room, 'r'), 1e-9);
    }

    public function test_a_column_half_in_the_wall_is_deducted_by_half(): void
    {
        $room = Sketch::room(4000, 3000)->fixture('c', 'column', 2000, -150, 90, 300, 300);
        self::assertEqualsWithDelta(12.0 - 0.3 * 0.15, self::number('room.floor_area', $room, 'r'), 1e-9);
    }

    public function test_floor_under_a_low_slope_does_not_count(): void
    {
        // the ceiling rises from 900 at x = 0 to 2900 at x = 4000: 1524 is reached at x = 1248
        $room = self::attic();
        self::assertEqualsWithDelta(
            (4.0 - 1.248) * 3.0,
            self::number('room.floor_area', $room, 'r', ['count_from_height' => Amount::length(1524)]),
            1e-9,
        );
    }

    public function test_floor_under_a_low_ceiling_or_soffit_does_not_count(): void
    {
        $low = ['count_from_height' => Amount::length(1524)];
        self::assertEqualsWithDelta(
            0.0,
            self::number('room.floor_area', Sketch::room(4000, 3000)->with(['ceiling' => 1500]), 'r', $low),
            1e-9,
        );
        $soffit = ['id' => 's', 'outline' => [[0, 0], [1000, 0], [1000, 3000], [0, 3000]], 'underside' => 1500];
        self::assertEqualsWithDelta(
            9.0,
            self::number('room.floor_area', Sketch::room(4000, 3000)->add('soffits', $soffit), 'r', $low),
            1e-9,
        );
    }

    public function test_counting_from_a_height_needs_the_ceiling(): void
    {
        $measurement = self::measure(
            'room.floor_area',
            Sketch::room(4000, 3000)->with(['ceiling' => null]),
            'r',
            ['count_from_height' => Amount::length(1524)],
        );
        self::assertUnknown(['r.ceiling or G.ceiling'], $measurement);
        self::assertEqualsWithDelta(12.0, self::number('room.floor_area', Sketch::room(4000, 3000)->with(['ceiling' => null]), 'r'), 1e-9);
    }

    public function test_share_and_area_at_a_height(): void
    {
        $height = ['height' => Amount::length(2134)];
        // 2134 is reached at x = 2468
        self::assertEqualsWithDelta((4.0 - 2.468) * 3.0, self::number('room.area_at_height', self::attic(), 'r', $height), 1e-9);
        self::assertEqualsWithDelta(1.532 / 4.0, self::number('room.share_at_height', self::attic(), 'r', $height), 1e-9);
    }

    /** The rectangle lies along the longest side: 3 by 3 m under a slanting side of 4.2 m, whichever way the room is turned. */
    public function test_least_width_of_a_room_with_a_slanting_side(): void
    {
        $room = (new Sketch())->chain([[0, 0], [6000, 0], [3000, 3000], [0, 3000]], 0, 'divider')->use('r', 'living', 1500, 1500);
        foreach ([0.0, 90.0, 180.0, 270.0, 33.0] as $turn) {
            self::assertEqualsWithDelta(3000.0, self::number('room.least_width', self::redrawn($room, $turn), 'r'), 0.5, "{$turn} degrees");
        }
    }

    public function test_least_width_is_the_shorter_side_of_the_largest_rectangle(): void
    {
        self::assertEqualsWithDelta(3000.0, self::number('room.least_width', Sketch::room(4000, 3000), 'r'), 1e-6);
        // an L of 5800 x 4800 whose arms are 1800 deep (10.44 m2) and 3800 wide (18.24 m2): the upright arm wins
        $l = (new Sketch())->chain(
            [[0, 0], [6000, 0], [6000, 2000], [4000, 2000], [4000, 5000], [0, 5000]],
            200,
        )->use('r', 'living', 1000, 1000);
        self::assertEqualsWithDelta(3800.0, self::number('room.least_width', $l, 'r'), 1e-6);
    }

    public function test_narrowest_finds_the_neck_of_a_hall(): void
    {
        // 1200 wide, with a chimney breast 250 deep standing in over 500
        $hall = Sketch::room(5000, 1200, 'hall')->wall([2000, 125], [2500, 125], 250);
        self::assertEqualsWithDelta(950.0, self::number('room.narrowest', $hall, 'r'), 1e-6);
    }

    public function test_faces_must_look_at_each_other_over_ten_centimetres(): void
    {
        $hall = Sketch::room(5000, 1200, 'hall')->wall([2000, 125], [2099, 125], 250);
        self::assertEqualsWithDelta(1200.0, self::number('room.narrowest', $hall, 'r'), 1e-6);
        $hall = Sketch::room(5000, 1200, 'hall')->wall([2000, 125], [2100, 125], 250);
        self::assertEqualsWithDelta(950.0, self::number('room.narrowest', $hall, 'r'), 1e-6);
    }

    public function test_a_divider_is_no_face(): void
    {
        $hall = Sketch::room(6000, 4000, 'hall')->wall([-100, 1000], [6100, 1000], 0, 'divider')->use('b', 'living', 3000, 3000)
            ->with([
                'rooms' => [['id' => 'h', 'use' => 'hall', 'at' => [3000, 500]], ['id' => 'b', 'use' => 'living', 'at' => [3000, 3000]]],
            ]);
        self::assertEqualsWithDelta(6000.0, self::number('room.narrowest', $hall, 'h'), 1e-6);
    }

    public function test_a_triangle_has_no_facing_walls(): void
    {
        $room = (new Sketch())->chain([[0, 0], [4000, 0], [0, 3000]], 200)->use('r', 'hall', 900, 900);
        self::assertInstanceOf(NotApplicable::class, self::measure('room.narrowest', $room, 'r'));
    }

    public function test_ceiling_height_takes_the_lowest(): void
    {
        self::assertSame(2400.0, self::number('room.ceiling_height', Sketch::room(4000, 3000), 'r'));
        self::assertEqualsWithDelta(900.0, self::number('room.ceiling_height', self::attic(), 'r'), 1e-9);
        self::assertUnknown(
            ['r.ceiling or G.ceiling'],
            self::measure('room.ceiling_height', Sketch::room(4000, 3000)->with(['ceiling' => null]), 'r'),
        );
    }

    public function test_a_soffit_lowers_the_ceiling_unless_it_is_a_beam(): void
    {
        $beams = ['beams_from' => Amount::length(1981.2), 'beams_apart' => Amount::length(914.4)];
        $beam = static fn(string $id, float $x, float $underside): array => [
            'id' => $id,
            'outline' => [[$x, 0], [$x + 200, 0], [$x + 200, 3000], [$x, 3000]],
            'underside' => $underside,
        ];
        $one = Sketch::room(4000, 3000)->add('soffits', $beam('s', 1000, 1981.2));
        self::assertSame(1981.2, self::number('room.ceiling_height', $one, 'r'));
        self::assertSame(2400.0, self::number('room.ceiling_height', $one, 'r', $beams));
        self::assertSame(
            1981.0,
            self::number('room.ceiling_height', Sketch::room(4000, 3000)->add('soffits', $beam('s', 1000, 1981)), 'r', $beams),
        );
        $apart = Sketch::room(4000, 3000)->add('soffits', $beam('s', 1000, 2000))->add('soffits', $beam('t', 2114.4, 2000));
        self::assertSame(2400.0, self::number('room.ceiling_height', $apart, 'r', $beams));
        $close = Sketch::room(4000, 3000)->add('soffits', $beam('s', 1000, 2000))->add('soffits', $beam('t', 2114, 2000));
        self::assertSame(2000.0, self::number('room.ceiling_height', $close, 'r', $beams));
    }

    public function test_a_soffit_over_the_next_room_is_none_of_this_one(): void
    {
        $home = Sketch::room(4000, 3000)->add(
            'soffits',
            ['id' => 's', 'outline' => [[5000, 0], [6000, 0], [6000, 1000]], 'underside' => 1000],
        );
        self::assertSame(2400.0, self::number('room.ceiling_height', $home, 'r'));
    }

    public function test_glass_of_windows_less_their_frames(): void
    {
        $room = Sketch::room(4000, 3000)->window('w1', 2000, 1200, 1000, ['frame' => 60]);
        self::assertEqualsWithDelta(1.08 * 0.88, self::number('room.glass_area', $room, 'r'), 1e-9);
    }

    public function test_glass_assumes_a_frame_and_says_so(): void
    {
        $measurement = self::measure('room.glass_area', Sketch::room(4000, 3000)->window('w1', 2000, 1200, 1000), 'r');
        self::assertInstanceOf(Measured::class, $measurement);
        self::assertEqualsWithDelta(1.1 * 0.9, $measurement->amount()->number, 1e-9);
        self::assertSame(['Frame and sash of the lower window W1 of R taken as 50 mm on each side.'], Said::all($measurement->assumptions));
    }

    public function test_glazed_doors_count_and_inner_windows_do_not(): void
    {
        $room = Sketch::room(6000, 3000)->wall([2500, -100], [2500, 3100])->use('b', 'study', 500, 500)
            ->window('w5', 1500, 1200, 1000)->door('w1', 4000, 1800, ['operation' => 'sliding', 'glazed' => true]);
        self::assertEqualsWithDelta(1.55 * 1.79, self::number('room.glass_area', $room, 'r'), 1e-9);
        self::assertEqualsWithDelta(0.0, self::number('room.glass_area', $room, 'b'), 1e-9);
    }

    public function test_an_unknown_size_leaves_the_glass_unknown(): void
    {
        $room = Sketch::room(4000, 3000)->add('openings', ['id' => 'n', 'kind' => 'window', 'wall' => 'w1', 'at' => 2000, 'width' => 900]);
        self::assertUnknown(['n.height'], self::measure('room.glass_area', $room, 'r'));
    }

    public function test_vent_area_by_operation(): void
    {
        $of = static fn(string $operation): float => self::number(
            'room.vent_area',
            Sketch::room(4000, 3000)->window('w1', 2000, 1100, 1100, ['operation' => $operation, 'frame' => 50]),
            'r',
        );
        self::assertEqualsWithDelta(0.0, $of('fixed'), 1e-9);
        self::assertEqualsWithDelta(1.0, $of('casement'), 1e-9);
        self::assertEqualsWithDelta(0.5, $of('sliding'), 1e-9);
        self::assertEqualsWithDelta(0.5, $of('double_hung'), 1e-9);
        self::assertEqualsWithDelta(0.8, $of('louvred'), 1e-9);
        self::assertUnknown(['n.operation'], self::measure('room.vent_area', Sketch::room(4000, 3000)->window('w1', 2000, 900, 900), 'r'));
    }

    private static function attic(): Sketch
    {
        return Sketch::room(4000, 3000)->with([
            'rooms' => [[
                'id' => 'r',
                'use' => 'bedroom',
                'at' => [2000, 1500],
                'ceiling' => ['low' => 900, 'high' => 2900, 'from' => [0, 0], 'to' => [4000, 0]],
            ]],
        ]);
    }
}
