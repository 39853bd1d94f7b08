<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\LargestCircle;
use Heurema\Geometry\Ring;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.turning_circle',
    AnswerType::Length,
    'The diameter of the largest circle on the free floor.',
    with: ['clear_of' => AnswerType::Word],
    words: ['clear_of' => ['swings']],
)]
final class TurningCircle extends FreeFloorMeasure
{
    protected function measureOn(array $floor, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $best = ['centre' => $room->room->at, 'radius' => 0.0];
        foreach ($floor as $piece) {
            $box = $piece->bounds();
            if (min($box->width(), $box->height()) / 2 > $best['radius']) {
                $circle = LargestCircle::in($piece);
                $best = $circle['radius'] > $best['radius'] ? $circle : $best;
            }
        }
        $diameter = 2 * $best['radius'];

        return new Measured(
            Amount::length($diameter),
            $diameter > 0
                ? [Witness::outline($room->storey(), Ring::circle($best['centre'], $best['radius']), Amount::length($diameter))]
                : [],
            [Message::of('room.turning_circle.largest_circle_on_free', diameter: Amount::length($diameter))],
        );
    }
}
