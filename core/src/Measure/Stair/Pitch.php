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
#[Measures('stair.pitch', AnswerType::Angle, 'The steepest angle of the line over the nosings of its straight flights.')]
final class Pitch extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $steepest = null;
        foreach (FlightRun::of($climb) as $run) {
            foreach ($run->steps as $step) {
                $tread = $step->front->distanceTo($step->back->middle());
                $riser = $climb->levels[$step->risers + 1] - $climb->level($step);
                $angle = rad2deg(atan2($riser, $tread));
                if ($step->kind === StepKind::Tread && ($steepest === null || $angle > $steepest[0])) {
                    $steepest = [$angle, $riser, $tread, $step];
                }
            }
        }
        if ($steepest === null) {
            return new NotApplicable(Message::of('stair.pitch.stair_has_no_straight'));
        }
        [$angle, $riser, $tread, $step] = $steepest;

        return new Measured(
            Amount::angle($angle),
            [Witness::dimension(
                $subject->storey(),
                new Segment($step->front->middle(), $step->back->middle()),
                Message::of('stair.pitch.value', angle: $angle),
            )],
            [Message::of('stair.pitch.riser_of_on_tread', riser: Amount::length($riser), tread: Amount::length($tread), angle: $angle)],
        );
    }
}
