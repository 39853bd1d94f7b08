<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Measure\AnswerType;
use Heurema\Measure\ClearOpening;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures('door.clear_area', AnswerType::Area, 'Clear width times clear height.')]
final class ClearArea extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        return ClearOpening::area(
            (new ClearWidth())->of($subject, $home, $with),
            (new ClearHeight())->of($subject, $home, $with),
        );
    }
}
