<?php

declare(strict_types=1);

namespace Heurema\Measure\Guard;

use Heurema\Geometry\Segment;
use Heurema\Measure\Answer;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\StepKind;
use Heurema\Spatial\StandingGuard;
use Heurema\Spatial\Subject;

/**
 * Does it stand along the side of a flight?
 *
 * @extends SubjectMeasure<StandingGuard>
 */
final class AlongStair extends SubjectMeasure
{
    public function name(): string
    {
        return 'guard.along_stair';
    }

    public function answer(): Answer
    {
        return Answer::YesNo;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $middle = (new Segment($subject->guard->line[0], $subject->guard->line[1]))->middle();
        foreach ($home->stairs as $stair) {
            foreach ($stair->storey() === $subject->storey() ? $stair->shape->steps : [] as $step) {
                foreach ($step->kind === StepKind::Landing ? [] : $step->outline->edges() as $edge) {
                    if ($edge->distanceTo($middle) <= self::BESIDE) {
                        return new Measured(true, [Witness::mark($subject->storey(), $middle)], ["It stands along {$stair->name()}."]);
                    }
                }
            }
        }

        return new Measured(false, [Witness::mark($subject->storey(), $middle)], ['It stands along no flight.']);
    }

    /** A guard this near a step, mm, stands along it. */
    private const BESIDE = 150.0;
}
