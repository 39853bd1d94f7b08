<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\OutsideLevel;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.step_down',
    AnswerType::Length,
    'From the top of the threshold down to the landing outside; where nobody said how high that lies, to '
    .'the steps, the ramp, the porch or the ground outside.',
)]
final class StepDown extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $floor = $subject->plan->storey->elevation;
        if ($floor === null) {
            return new Unknown(["{$subject->storey()}.elevation"]);
        }
        $details = $subject->opening->door;
        $outside = OutsideLevel::of($subject, $home);
        if ($outside->elevation === null) {
            return new Unknown(["{$subject->id()}.exterior_level"]);
        }
        $down = $floor + ($details->threshold ?? 0.0) - $outside->elevation;
        $assumed = [
            ...($outside->assumed === null ? [] : [$outside->assumed]),
            ...($details?->threshold === null ? [Message::of('door.step_down.no_threshold', door: $subject->name())] : []),
        ];

        return new Measured(
            Amount::length($down),
            [Witness::mark($subject->storey(), $subject->middle(), Amount::length($down))],
            [Message::of('door.step_down.from_threshold_down_to', down: Amount::length($down))],
            $assumed,
        );
    }
}
