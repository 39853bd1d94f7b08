<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;

/** The floor whose ceiling is at least `height`; soffits and slopes count. */
final class AreaAtHeight extends OutlineMeasure
{
    public function name(): string
    {
        return 'room.area_at_height';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Area;
    }

    public function parameters(): array
    {
        return ['height' => AnswerType::Length];
    }

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
            [sprintf('Floor with a ceiling of %s or more: %s of %s.', $home->length($height), $home->write($area), $home->write(Amount::drawnArea($outline->area())))],
        );
    }
}
