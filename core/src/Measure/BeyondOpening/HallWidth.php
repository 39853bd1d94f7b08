<?php

declare(strict_types=1);

namespace Heurema\Measure\BeyondOpening;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\Narrowest;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\HallDoor;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures('door.hall_width', AnswerType::Length, 'How wide the hall is, at its narrowest, that the door opens off.')]
final class HallWidth extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $hall = HallDoor::of($subject)?->hall;

        return $hall === null
            ? new NotApplicable(Message::of('beyond_opening.hall_width.it_opens_off_no'))
            : (new Narrowest())->of($hall, $home, $with);
    }
}
