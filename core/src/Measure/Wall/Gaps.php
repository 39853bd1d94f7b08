<?php

declare(strict_types=1);

namespace Heurema\Measure\Wall;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedWall;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\WallJoints;
use Heurema\Spatial\WallTrouble;
use Heurema\Units\Amount;

/**
 * How many of the wall's ends stop short of another wall, by up to 150 mm; gaps that were closed (up to 10 mm) count too.
 *
 * @extends SubjectMeasure<PlacedWall>
 */
final class Gaps extends SubjectMeasure
{
    public function name(): string
    {
        return 'wall.gaps';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Count;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $gaps = $subject->plan->troubles()->gaps($subject->wall);

        return new Measured(
            Amount::count(count($gaps)),
            array_map(static fn(WallTrouble $gap): Witness => Witness::mark($subject->storey(), $gap->at(), $home->length($gap->size)), $gaps),
            array_map(static fn(WallTrouble $gap): string => "Ends {$home->length($gap->size)} short of {$gap->other}".($gap->size <= WallJoints::CLOSES_GAPS_TO ? ', taken as meeting it.' : '.'), $gaps),
        );
    }
}
