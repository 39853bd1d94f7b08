<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\LargestRectangle;
use Heurema\Geometry\Polygon;
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
    'room.long_side',
    AnswerType::Length,
    'The longer side of the largest rectangle, by area, that fits in the room’s outline along its longest face.',
)]
final class LongSide extends OutlineMeasure
{
    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $largest = LargestRectangle::in($outline, $room->wayDirections()[0]);
        $side = max($largest['width'], $largest['height']);

        return new Measured(
            Amount::length($side),
            [Witness::outline($room->storey(), $largest['ring'], Amount::length($side))],
            [Message::of('room.long_side.largest_rectangle_in_it', side: Amount::length($side))],
        );
    }
}
