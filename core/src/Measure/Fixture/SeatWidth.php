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
    'fixture.seat_width',
    AnswerType::Length,
    'How much of a side of a table, counter or island there is for each of the chairs that stand at it; the least of its sides.',
)]
final class SeatWidth extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $narrowest = null;
        foreach (Seating::at($subject, $home) ?? [] as $seating) {
            $narrowest = $narrowest === null || $seating->perSeat() < $narrowest->perSeat() ? $seating : $narrowest;
        }

        return $narrowest === null
            ? new NotApplicable(Message::of('fixture.seat_width.nobody_sits_at_it'))
            : new Measured(
                Amount::length($narrowest->perSeat()),
                [Witness::dimension($subject->storey(), $narrowest->edge, Amount::length($narrowest->edge->length()))],
                [Message::of('fixture.seat_width.seats', count: Amount::count(count($narrowest->chairs)))],
                parties: array_map(static fn(PlacedFixture $one): string => $one->id(), $narrowest->chairs),
            );
    }
}
