<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Layout\Words\WindowOperation;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'window.clear_width',
    AnswerType::Length,
    'How wide the open window is clear: as given, else the glass opening (width less two frames) by '
    .'operation: fixed and louvred nothing, sliding half, all others the whole.',
)]
final class ClearWidth extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $opening = $subject->opening;
        $share = static fn(WindowOperation $operation): float => match ($operation) {
            WindowOperation::Fixed, WindowOperation::Louvred => 0.0,
            WindowOperation::Sliding => 0.5,
            default => 1.0,
        };

        return ClearSize::of($subject, 'width', $opening->clearWidth, $opening->width, $share);
    }
}
