<?php

declare(strict_types=1);

namespace Heurema\Measure\Space;

use Heurema\Layout\Room;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\ClosedSpace;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<ClosedSpace> */
#[Measures('space.uses', AnswerType::Count, 'How many rooms are written into a stretch of floor that walls close in.')]
final class Uses extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $rooms = $subject->space->rooms;

        return new Measured(
            Amount::count(count($rooms)),
            [Witness::outline($subject->storey(), $subject->space->outline)],
            [
                $rooms === []
                    ? Message::of('space.uses.no_room_is_written')
                    : Message::of('space.uses.rooms', value: array_map(static fn(Room $room): string => $room->name, $rooms)),
            ],
        );
    }
}
