<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures('room.bedspaces', AnswerType::Count, 'How many bed spaces the room is meant for.')]
final class Bedspaces extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        return $subject->room->bedspaces === null
            ? new Unknown(["{$subject->id()}.bedspaces"])
            : new Measured(Amount::count($subject->room->bedspaces));
    }
}
