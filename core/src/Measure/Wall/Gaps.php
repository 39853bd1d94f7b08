<?php

declare(strict_types=1);

namespace Heurema\Measure\Wall;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedWall;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\WallJoints;
use Heurema\Spatial\WallTrouble;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedWall> */
#[Measures(
    'wall.gaps',
    AnswerType::Count,
    'How many of the wall’s ends stop short of another wall, by up to 150 mm; gaps that were closed (up to 10 mm) count too.',
)]
final class Gaps extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $gaps = $subject->plan->troubles()->gaps($subject->wall);

        return new Measured(
            Amount::count(count($gaps)),
            array_map(
                static fn(WallTrouble $gap): Witness => Witness::mark($subject->storey(), $gap->at(), Amount::length($gap->size)),
                $gaps,
            ),
            array_map(
                static fn(WallTrouble $gap): Message => $gap->size <= WallJoints::CLOSES_GAPS_TO
                    ? Message::of('wall.gaps.closed', size: Amount::length($gap->size), other: $gap->other)
                    : Message::of('wall.gaps.open', size: Amount::length($gap->size), other: $gap->other),
                $gaps,
            ),
        );
    }
}
