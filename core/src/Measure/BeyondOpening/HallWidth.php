<?php

declare(strict_types=1);

namespace Heurema\Measure\BeyondOpening;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measurement;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\Narrowest;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\HallDoor;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;

/**
 * How wide the hall is, at its narrowest, that the door opens off.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
final class HallWidth extends SubjectMeasure
{
    public function name(): string
    {
        return 'door.hall_width';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Length;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $hall = HallDoor::of($subject)?->hall;

        return $hall === null ? new NotApplicable('It opens off no hall.') : (new Narrowest())->of($hall, $home, $with);
    }
}
