<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Measure\Answer;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject;
use Heurema\Units\Amount;

/**
 * From the top of the threshold down to the landing outside.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
final class StepDown extends SubjectMeasure
{
    public function name(): string
    {
        return 'door.step_down';
    }

    public function answer(): Answer
    {
        return Answer::Length;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $floor = $subject->plan->storey->elevation;
        if ($floor === null) {
            return new Unknown(["{$subject->storey()}.elevation"]);
        }
        $details = $subject->opening->door;
        $down = $floor + ($details->threshold ?? 0.0) - ($details->exteriorLevel ?? $floor);
        $assumed = [
            ...($details?->exteriorLevel === null ? ["The landing outside {$subject->id()} is taken to lie at the floor's level."] : []),
            ...($details?->threshold === null ? ["{$subject->id()} is taken to have no threshold."] : []),
        ];

        return new Measured(Amount::length($down), [Witness::mark($subject->storey(), $subject->middle(), $home->length($down))], ["From the threshold down to the landing outside: {$home->length($down)}."], $assumed);
    }
}
