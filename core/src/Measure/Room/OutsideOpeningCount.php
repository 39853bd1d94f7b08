<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.outside_openings',
    AnswerType::Count,
    'How many windows, doors and bare openings the room has to the open air or to a shaft.',
)]
final class OutsideOpeningCount extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $missing = $marks = [];
        foreach ($home->openingsOf($subject) as $opening) {
            $beyond = $opening->across($subject);
            $isOpenAir = $opening->isOpenAirFrom($subject);
            if ($isOpenAir === null) {
                $missing[] = $beyond->missing();
            } elseif ($isOpenAir || (!$opening->isInPartyWall() && $beyond->room?->room->use === RoomUse::Shaft)) {
                $marks[] = Witness::mark($opening->storey(), $opening->middle(), $opening->id());
            }
        }

        return $missing === [] ? new Measured(Amount::count(count($marks)), $marks) : new Unknown(array_values(array_unique($missing)));
    }
}
