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
use Heurema\Spatial\WallTrouble;
use Heurema\Units\Amount;

/**
 * How many walls that stand later in the document run along in this one's body.
 *
 * @extends SubjectMeasure<PlacedWall>
 */
final class Doubles extends SubjectMeasure
{
    public function name(): string
    {
        return 'wall.doubles';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Count;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $doubles = $subject->plan->troubles()->doubles($subject->wall);

        return new Measured(
            Amount::count(count($doubles)),
            array_map(static fn(WallTrouble $double): Witness => Witness::dimension($subject->storey(), $double->place, "also {$double->other}"), $doubles),
            array_map(static fn(WallTrouble $double): string => "{$double->other} runs along in it over {$home->length($double->size)}.", $doubles),
            parties: array_map(static fn(WallTrouble $double): string => $double->other, $doubles),
        );
    }
}
