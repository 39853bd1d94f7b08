<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;

#[Measures(
    'room.share_at_height',
    AnswerType::Ratio,
    'The part of the floor, columns and ducts deducted, whose ceiling is at least `height`.',
    with: ['height' => AnswerType::Length],
)]
final class ShareAtHeight extends OutlineMeasure
{
    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $high = (new AreaAtHeight())->of($room, $home, $with);
        if (!$high instanceof Measured) {
            return $high;
        }
        $whole = CountedFloor::of($outline, $room, $home, null)->area() / 1_000_000;

        return new Measured(Amount::ratio($high->amount()->number / $whole), $high->witness, $high->working);
    }
}
