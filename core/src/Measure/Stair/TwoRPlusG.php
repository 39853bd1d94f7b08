<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Geometry\Segment;
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
use Heurema\Spatial\Stair\StepKind;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.two_r_plus_g',
    AnswerType::Length,
    'Twice the riser and the tread of its straight flights: the step one takes (Blondel 1675). `of: '
    .'largest` for the longest, else the shortest.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['least', 'largest']],
)]
final class TwoRPlusG extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $found = null;
        foreach (FlightRun::of($climb) as $run) {
            foreach ($run->steps as $step) {
                $tread = $step->front->distanceTo($step->back->middle());
                $riser = $climb->levels[$step->risers] - $climb->levels[$step->risers - 1];
                $sum = 2 * $riser + $tread;
                if (
                    $step->kind === StepKind::Tread
                    && ($found === null || ($with->word('of') === 'largest' ? $sum > $found[0] : $sum < $found[0]))
                ) {
                    $found = [$sum, $riser, $tread, $step];
                }
            }
        }
        if ($found === null) {
            return new NotApplicable(Message::of('stair.two_rplus_g.stair_has_no_straight'));
        }
        [$sum, $riser, $tread, $step] = $found;

        return new Measured(
            Amount::length($sum),
            [Witness::dimension($subject->storey(), new Segment($step->front->middle(), $step->back->middle()), Amount::length($tread))],
            [Message::of(
                'stair.two_rplus_g.twice_riser_of_and',
                riser: Amount::length($riser),
                tread: Amount::length($tread),
                sum: Amount::length($sum),
            )],
        );
    }
}
