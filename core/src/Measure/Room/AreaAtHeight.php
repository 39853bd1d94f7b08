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
    'room.area_at_height',
    AnswerType::Area,
    'The floor whose ceiling is at least `height`; soffits and slopes count.',
    with: ['height' => AnswerType::Length],
)]
final class AreaAtHeight extends OutlineMeasure
{
    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $height = $with->number('height') ?? 0.0;
        $floor = CountedFloor::of($outline, $room, $home, $height);
        if ($floor->missing !== []) {
            return new Unknown($floor->missing);
        }
        $area = Amount::drawnArea($floor->area());

        return new Measured(
            $area,
            array_map(static fn(Polygon $part): Witness => Witness::outline($room->storey(), $part), $floor->parts()),
            [Message::of(
                'room.area_at_height.floor_with_ceiling_of',
                height: Amount::length($height),
                area: $area,
                outline: Amount::drawnArea($outline->area()),
            )],
        );
    }
}
