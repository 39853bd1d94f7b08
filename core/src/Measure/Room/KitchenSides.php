<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\Runs;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.kitchen_sides',
    AnswerType::Count,
    'Along how many sides the units of a kitchen stand around a person, in one run: 1 along a wall, 2 around a corner, 3 in a U.',
)]
final class KitchenSides extends OutlineMeasure
{
    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $legs = array_map(static fn(Run $run): int => count($run->legs), Runs::of($room, $home));

        return $legs === []
            ? new NotApplicable(Message::of('room.worktop.no_run_stands_in_it'))
            : new Measured(Amount::count(max($legs)));
    }
}
