<?php

declare(strict_types=1);

namespace Heurema\Tests\Spatial;

use Heurema\Tests\Measure\MeasureTestCase;
use Heurema\Tests\Sketch;

/** One home drawn in two ways: what is measured of it does not change. */
final class DrawnOtherwiseTest extends MeasureTestCase
{
    /** A room of 4000 x 3000 whose upper wall is one wall, two pieces, or two pieces one of which runs the other way. */
    private static function withUpperWall(string $drawn): Sketch
    {
        $sketch = (new Sketch())
            ->wall([-100, -100], [4100, -100], 200, 'exterior')
            ->wall([4100, -100], [4100, 3100], 200, 'exterior')
            ->wall([-100, 3100], [-100, -100], 200, 'exterior')
            ->use('r', 'bedroom', 2000, 1500);

        return match ($drawn) {
            'one' => $sketch->wall([4100, 3100], [-100, 3100], 200, 'exterior'),
            'two' => $sketch->wall([4100, 3100], [2300, 3100], 200, 'exterior')->wall([2300, 3100], [-100, 3100], 200, 'exterior'),
            default => $sketch->wall([2300, 3100], [4100, 3100], 200, 'exterior')->wall([2300, 3100], [-100, 3100], 200, 'exterior'),
        };
    }

    public function test_a_bed_at_a_split_wall_keeps_what_is_behind_and_beside_it(): void
    {
        foreach (['one', 'two', 'other way'] as $drawn) {
            $room = self::withUpperWall($drawn)->fixture('f', 'bed', 2200, 3000, 270, 1500, 2000);
            self::assertEqualsWithDelta(0.0, self::number('fixture.back_gap', $room, 'f'), 1e-6, $drawn);
            self::assertEqualsWithDelta(1000.0, self::number('fixture.front_clearance', $room, 'f'), 1e-6, $drawn);
            self::assertEqualsWithDelta(1050.0, self::number('fixture.edge_gap', $room, 'f'), 1e-6, $drawn);
            self::assertEqualsWithDelta(12.0, self::number('room.floor_area', $room, 'r'), 1e-6, $drawn);
            self::assertEqualsWithDelta(0.0, self::number('fixture.in_wall', $room, 'f'), 1e-6, $drawn);
        }
    }

    public function test_a_window_behind_a_bed_is_found_in_either_piece(): void
    {
        $windows = ['one' => ['w4', 2300.0], 'two' => ['w5', 500.0], 'other way' => ['w5', 500.0]];
        foreach ($windows as $drawn => [$wall, $at]) {
            $room = self::withUpperWall($drawn)->window($wall, $at, 800, 1000, ['sill' => 900])->fixture(
                'f',
                'bed',
                2200,
                3000,
                270,
                1500,
                2000,
            );
            self::assertSame(1.0, self::number('fixture.windows_behind', $room, 'f'), $drawn);
        }
    }

    /** A window over the end of a partition belongs to the room that has more of it, whichever way its wall was drawn. */
    public function test_a_window_across_the_end_of_a_partition(): void
    {
        foreach ([1700 => 'h', 2700 => 'r'] as $middle => $room) {
            foreach ([false, true] as $isReversed) {
                $ends = [[-100, -100], [6100, -100]];
                $home = (new Sketch())
                    ->wall(...[...($isReversed ? array_reverse($ends) : $ends), 200, 'exterior'])
                    ->wall([6100, -100], [6100, 3100], 200, 'exterior')
                    ->wall([6100, 3100], [-100, 3100], 200, 'exterior')
                    ->wall([-100, 3100], [-100, -100], 200, 'exterior')
                    ->wall([2200, -100], [2200, 3100])->use('h', 'study', 1000, 1500)->use('r', 'living', 4000, 1500)
                    ->window(
                        'w1',
                        $isReversed ? 6100 - $middle : $middle + 100,
                        1600,
                        1200,
                        ['operation' => 'casement', 'sill' => 900],
                    )->home();
                $opening = $home->openings[0];
                self::assertSame(
                    [$room],
                    array_values(array_filter([$opening->left->room?->id(), $opening->right->room?->id()], is_string(...))),
                    "at {$middle}".($isReversed ? ', reversed' : ''),
                );
            }
        }
    }

    public function test_a_joint_of_two_pieces_beside_a_door_is_no_obstacle(): void
    {
        foreach ([60.0, 30.0, 300.0] as $beside) {
            // the left jamb at 1550, the joint so far from it
            $split = (new Sketch())
                ->wall([-100, -100], [1550 - $beside, -100], 200, 'exterior')
                ->wall([1550 - $beside, -100], [4100, -100], 200, 'exterior')
                ->wall([4100, -100], [4100, 3100], 200, 'exterior')
                ->wall([4100, 3100], [-100, 3100], 200, 'exterior')
                ->wall([-100, 3100], [-100, -100], 200, 'exterior')
                ->use('r', 'hall', 2000, 1500)->door('w2', $beside + 450, 900, ['operation' => 'hinged']);
            self::assertSame(0.0, self::number('door.overlaps', $split, 'd'), "{$beside} mm");
            $plan = $split->home()->plans['G'];
            self::assertSame([], $plan->troubles()->gaps($plan->storey->walls[0]));
            self::assertSame([], $plan->troubles()->doubles($plan->storey->walls[0]));
        }
    }

    public function test_reading_a_layout_in_another_order_measures_the_same(): void
    {
        $fixtures = [['a', 'wardrobe', 600], ['b', 'wardrobe', 1900], ['c', 'sofa', 3200]];
        $measured = [];
        foreach ([[0, 1, 2], [2, 0, 1], [1, 2, 0]] as $order) {
            $room = Sketch::room(4000, 3000)->door('w2', 1600, 800, ['id' => 'e'])->door('w4', 1600, 800, ['id' => 'g']);
            foreach ($order as $number) {
                [$id, $kind, $x] = $fixtures[$number];
                $room = $room->fixture($id, $kind, $x, 0, 90, 900, 600);
            }
            $measured[] = [
                self::number('room.passage', $room, 'r'),
                self::number('room.turning_circle', $room, 'r'),
                self::number('fixture.edge_gap', $room, 'b'),
                self::number('room.clear_box', $room, 'r'),
            ];
        }
        self::assertEqualsWithDelta($measured[0], $measured[1], 1e-6);
        self::assertEqualsWithDelta($measured[0], $measured[2], 1e-6);
    }
}
