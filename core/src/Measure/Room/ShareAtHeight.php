<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;

/** The part of the floor, columns and ducts deducted, whose ceiling is at least `height`. */
final class ShareAtHeight extends OutlineMeasure
{
    public function name(): string
    {
        return 'room.share_at_height';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Ratio;
    }

    public function parameters(): array
    {
        return ['height' => AnswerType::Length];
    }

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
