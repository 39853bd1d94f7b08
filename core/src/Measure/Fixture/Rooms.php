<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures('fixture.rooms', AnswerType::Count, '1 where the fixture’s middle lies in a room, else 0.')]
final class Rooms extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        return new Measured(
            Amount::count($subject->room === null ? 0 : 1),
            [Witness::mark($subject->storey(), $subject->fixture->at)],
            [
                $subject->room === null
                    ? Message::of('fixture.rooms.it_stands_in_no')
                    : Message::of('fixture.rooms.it_stands_in', room: $subject->room->name()),
            ],
        );
    }
}
