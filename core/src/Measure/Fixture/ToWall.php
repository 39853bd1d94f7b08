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

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.to_wall',
    AnswerType::Length,
    'From the fixture’s middle, at right angles to the way it faces, to the nearer side wall, whatever stands between.',
)]
final class ToWall extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $line = SideWall::line($subject);

        return $line === null
            ? new NotApplicable('No wall is beside it.')
            : new Measured(
                Amount::length($line->length()),
                [Witness::dimension($subject->storey(), $line, $home->length($line->length()))],
                ["From its centre line to the side wall: {$home->length($line->length())}."],
            );
    }
}
