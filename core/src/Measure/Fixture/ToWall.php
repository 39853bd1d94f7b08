<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.to_wall',
    AnswerType::Length,
    'From the fixture’s middle (a vanity’s outermost basin), at right angles to the way it faces, to the nearer side wall, '
    .'whatever stands between.',
)]
final class ToWall extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $line = SideWall::line($subject);

        return $line === null
            ? new NotApplicable(Message::of('fixture.to_wall.no_wall_is_beside'))
            : new Measured(
                Amount::length($line->length()),
                [Witness::dimension($subject->storey(), $line, Amount::length($line->length()))],
                [Message::of('fixture.to_wall.from_its_centre_line', line: Amount::length($line->length()))],
            );
    }
}
