<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\FlightRun;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.risers_per_flight',
    AnswerType::Count,
    'How many risers the flight has that has most; `of: least` for the one that has fewest.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['least', 'most']],
)]
final class RisersPerFlight extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $counts = array_map(static fn(FlightRun $run): int => count($run->risers), FlightRun::of($climb));
        if ($counts === []) {
            return new NotApplicable(Message::of('stair.risers_per_flight.stair_has_no_risers'));
        }
        $count = $with->word('of') === 'least' ? min($counts) : max($counts);

        return new Measured(
            Amount::count($count),
            [Witness::mark($subject->storey(), $subject->stair->start, (string) $count)],
            [Message::of('stair.risers_per_flight.risers_from_landing_to', counts: $counts)],
        );
    }
}
