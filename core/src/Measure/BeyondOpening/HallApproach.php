<?php

declare(strict_types=1);

namespace Heurema\Measure\BeyondOpening;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measure;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\HallDoor;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.hall_approach',
    AnswerType::Word,
    'How one comes up to a door off a hall: `head_on` at its end, `side_on` along it; `none` where it opens off no hall.',
    words: [Measure::ANSWER => ['head_on', 'side_on', 'none']],
)]
final class HallApproach extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $hall = HallDoor::of($subject);
        if ($hall?->hall->outline() === null && $hall !== null) {
            return new Unknown([(string) $hall->hall->outlineProblem()]);
        }

        return new Measured(match ($hall?->isHeadOn()) {
            true => 'head_on',
            false => 'side_on',
            null => 'none',
        });
    }
}
