<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'window.has_well',
    AnswerType::YesNo,
    'Does a well lie before the window? Where none is drawn and the sill lies below the ground it is not known.',
)]
final class HasWell extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->opening->window?->well !== null) {
            return new Measured(true, [], [Message::of('window.has_well.well_is_drawn_before')]);
        }
        $drop = $subject->isToOutside() === true ? (new Drop())->of($subject, $home, new Parameters()) : null;
        if ($drop instanceof Measured && $drop->amount()->number < -Tolerance::TOUCH) {
            return new Unknown(["{$subject->id()}.well"]);
        }

        return $drop instanceof Unknown
            ? $drop
            : new Measured(
                false,
                [],
                [Message::of('window.has_well.it_lies_above_ground')],
                $drop instanceof Measured ? $drop->assumptions : [],
            );
    }
}
