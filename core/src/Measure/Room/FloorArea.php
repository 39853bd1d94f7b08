<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.floor_area',
    AnswerType::Area,
    'The floor between finished faces, columns and ducts deducted.  `count_from_height`: floor under a lower ceiling does not count.',
    with: ['count_from_height' => AnswerType::Length],
)]
final class FloorArea extends OutlineMeasure
{
    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $floor = CountedFloor::of($outline, $room, $home, $with->number('count_from_height'));
        if ($floor->missing !== []) {
            return new Unknown($floor->missing);
        }
        $area = Amount::drawnArea($floor->area());
        $working = [Message::of('room.floor_area.between_finished_wall_faces', outline: Amount::drawnArea($outline->area()))];
        if ($floor->takenAway !== []) {
            $working[] = Message::of('room.floor_area.less_left', takenAway: array_values($floor->takenAway), area: $area);
        }
        $witness = array_map(static fn(Polygon $part): Witness => Witness::outline($room->storey(), $part), $floor->parts());

        return new Measured($area, $witness === [] ? [Witness::outline($room->storey(), $outline)] : $witness, $working);
    }
}
