<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures('room.water_closets', AnswerType::Count, 'How many water closets stand in the room.')]
final class WaterClosets extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $closets = array_filter(
            $home->fixturesIn($subject),
            static fn(PlacedFixture $fixture): bool => $fixture->fixture->kind === FixtureKind::WaterCloset,
        );

        return new Measured(Amount::count(count($closets)));
    }
}
