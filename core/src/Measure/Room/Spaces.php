<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures('room.spaces', AnswerType::Count, '1 where walls close in around the room’s point, else 0.')]
final class Spaces extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $isClosed = $subject->sides() !== [];

        return new Measured(
            Amount::count($isClosed ? 1 : 0),
            [Witness::mark($subject->storey(), $subject->room->at)],
            [$isClosed ? Message::of('room.spaces.walls_close_in_around') : Message::of('room.spaces.no_walls_close_in')],
        );
    }
}
