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
use Heurema\Spatial\Seating;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.behind_seats',
    AnswerType::Length,
    'From the side of a table, counter or island that chairs stand at to the wall or to what stands behind the chairs; the least of its '
    .'sides.',
)]
final class BehindSeats extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $least = null;
        foreach (Seating::at($subject, $home) ?? [] as $seating) {
            $line = $seating->behind();
            $least = $line !== null && ($least === null || $line->length() < $least->length()) ? $line : $least;
        }

        return $least === null
            ? new NotApplicable(Message::of('fixture.seat_width.nobody_sits_at_it'))
            : new Measured(
                Amount::length($least->length()),
                [Witness::dimension($subject->storey(), $least, Amount::length($least->length()))],
            );
    }
}
