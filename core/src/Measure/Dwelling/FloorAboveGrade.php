<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Layout\Storey;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.floor_above_grade',
    AnswerType::Length,
    'How high the ground floor lies above the finished ground at the building: the lowest that is no '
    .'cellar, more than 1.2 m below the ground (common practice, no source); where all are, the highest of them.',
)]
final class FloorAboveGrade extends SubjectMeasure
{
    private const SUNKEN = 1200.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $grade = $home->ground()->plane() ?? 0.0;
        $lowest = array_reduce(
            $home->layout->storeys,
            static fn(?Storey $found, Storey $storey): Storey => $found === null || ($found->elevation ?? INF) < $grade - self::SUNKEN
                ? $storey
                : $found,
        );
        if ($lowest?->elevation === null) {
            return new Unknown([$lowest === null ? 'a storey' : "{$lowest->id}.elevation"]);
        }
        $assumed = $home->ground()->isSaid() ? [] : [Message::of('dwelling.floor_above_grade.ground_at_0')];

        return new Measured(
            Amount::length($lowest->elevation - $grade),
            [],
            [Message::of('dwelling.floor_above_grade.lies_at', name: $lowest->name, elevation: Amount::length($lowest->elevation))],
            $assumed,
        );
    }
}
