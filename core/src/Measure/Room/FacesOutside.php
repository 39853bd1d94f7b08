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
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures('room.faces_outside', AnswerType::YesNo, 'Whether any of the room’s faces borders the open air or a shaft.')]
final class FacesOutside extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->outline() === null) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $missing = [];
        foreach ($home->plans[$subject->storey()]->neighbours($subject) as $neighbour) {
            if ($neighbour->beyond->isOpenAir() === true || $neighbour->beyond->room?->room->use === RoomUse::Shaft) {
                return new Measured(
                    true,
                    [Witness::dimension($subject->storey(), $neighbour->stretch, $neighbour->beyond->words())],
                    [Message::of('room.faces_outside.it_borders', beyond: $neighbour->beyond->words())],
                );
            }
            array_push($missing, ...($neighbour->beyond->isOpenAir() === null ? [$neighbour->beyond->missing()] : []));
        }

        return $missing === []
            ? new Measured(false, [], [Message::of('room.faces_outside.rooms_lie_all_around')])
            : new Unknown(array_values(array_unique($missing)));
    }
}
