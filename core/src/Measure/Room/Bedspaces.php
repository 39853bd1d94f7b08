<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * How many bed spaces the room is meant for.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
final class Bedspaces extends SubjectMeasure
{
    public function name(): string
    {
        return 'room.bedspaces';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Count;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        return $subject->room->bedspaces === null ? new Unknown(["{$subject->id()}.bedspaces"]) : new Measured(Amount::count($subject->room->bedspaces));
    }
}
