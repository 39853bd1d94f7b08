<?php

declare(strict_types=1);

namespace Heurema\Tests\Measure;

use Heurema\Measure\NotApplicable;
use Heurema\Tests\Sketch;

/** The wall that a casing needs beside the jambs of a door, on every wall of a room and at either jamb. */
final class CasingTest extends MeasureTestCase
{
    private const CASING = 70.0;

    public function test_wall_up_to_a_corner_at_either_jamb_of_every_wall(): void
    {
        foreach (['w1' => 3000.0, 'w2' => 2000.0, 'w3' => 3000.0, 'w4' => 2000.0] as $wall => $clear) {
            foreach ([[0.0, 70.0], [40.0, 30.0], [69.9, 0.1], [70.0, 0.0], [300.0, 0.0]] as [$free, $short]) {
                // half a wall beyond the corner, the free wall, half the door
                $from = 100.0 + $free + 400.0;
                foreach ([$from, $clear + 200.0 - $from] as $at) {
                    $room = Sketch::room(3000, 2000)->door($wall, $at, 800, ['trim' => self::CASING]);
                    self::assertEqualsWithDelta($short, self::number('door.casing_short', $room, 'd'), 1e-6, "{$free} on {$wall} at {$at}");
                }
            }
        }
    }

    public function test_the_next_door_has_its_own_casing(): void
    {
        foreach ([[130.0, 10.0], [139.9, 0.1], [140.0, 0.0]] as [$apart, $short]) {
            $room = Sketch::room(4000, 2000)->door('w1', 1000, 800, ['trim' => self::CASING])
                ->door('w1', 1000 + 800 + $apart, 800, ['id' => 'e', 'trim' => self::CASING]);
            foreach (['d', 'e'] as $door) {
                self::assertEqualsWithDelta($short, self::number('door.casing_short', $room, $door), 1e-6, "{$door}, {$apart} apart");
            }
        }
    }

    public function test_a_partition_that_meets_the_wall_counts(): void
    {
        $room = Sketch::room(3000, 2000)->wall([1450, 0], [1450, 2000], 100)->use('q', 'hall', 2500, 500)
            ->door('w1', 100 + 1400 - 400 - 69, 800, ['trim' => self::CASING]);
        self::assertEqualsWithDelta(1.0, self::number('door.casing_short', $room, 'd'), 1e-6);
    }

    /** On either face of the wall, whichever way it is drawn. */
    public function test_a_partition_on_either_side_of_the_wall(): void
    {
        foreach ([[[0, 1500], [4000, 1500]], [[4000, 1500], [0, 1500]]] as [$from, $to]) {
            foreach ([[[2050, 0], [2050, 1500]], [[2050, 1500], [2050, 3000]]] as [$start, $end]) {
                $room = Sketch::room(4000, 3000)->wall($from, $to)->wall($start, $end)
                    ->door('w5', $from[0] === 0 ? 1560 : 2440, 800, ['trim' => self::CASING]);
                self::assertEqualsWithDelta(30.0, self::number('door.casing_short', $room, 'd'), 1e-6);
            }
        }
    }

    public function test_no_casing_said(): void
    {
        $plain = Sketch::room(3000, 2000)->door('w1', 1500, 800);
        self::assertInstanceOf(NotApplicable::class, self::measure('door.casing_short', $plain, 'd'));
        $unsaid = Sketch::room(3000, 2000)->add('openings', ['id' => 'd', 'kind' => 'door', 'wall' => 'w1', 'at' => 1500, 'trim' => 70]);
        self::assertUnknown(['d.width'], self::measure('door.casing_short', $unsaid, 'd'));
    }

    public function test_what_is_bought_is_held_against_what_is_framed(): void
    {
        $bought = ['leaf_width' => 826, 'frame' => 32];
        foreach ([[900.0, 10.0], [890.0, 0.0], [880.0, -10.0], [930.5, 40.5]] as [$width, $play]) {
            self::assertEqualsWithDelta($play, self::number('door.frame_play', self::door($width, $bought), 'd'), 1e-6);
        }
        foreach ([['leaf_width' => 826], ['frame' => 32], [...$bought, 'operation' => 'sliding']] as $less) {
            self::assertInstanceOf(NotApplicable::class, self::measure('door.frame_play', self::door(900, $less), 'd'));
        }
    }

    /** @param array<string, mixed> $more */
    private static function door(float $width, array $more): Sketch
    {
        return Sketch::room(3000, 2000)->door('w1', 1500, $width, ['operation' => 'hinged', ...$more]);
    }
}
