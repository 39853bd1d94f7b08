<?php

declare(strict_types=1);

namespace Heurema\Measure\Guard;

use Heurema\Geometry\Segment;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Beyond;
use Heurema\Spatial\Home;
use Heurema\Spatial\StandingGuard;
use Heurema\Spatial\Subject\Subject;
use Heurema\Words\Message;

/** @extends SubjectMeasure<StandingGuard> */
#[Measures('guard.outdoors', AnswerType::YesNo, 'Whether the open air is beside it.')]
final class Outdoors extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $line = new Segment($subject->guard->line[0], $subject->guard->line[1]);
        $beside = array_map(
            static fn(float $side): ?Beyond => $subject->plan->at($line->offset($side)->middle()),
            [self::BESIDE, -self::BESIDE],
        );
        $outdoors = array_filter($beside, static fn(?Beyond $beyond): bool => $beyond?->isOpenAir() === true) !== [];

        return new Measured(
            $outdoors,
            [Witness::mark($subject->storey(), $line->middle())],
            [$outdoors ? Message::of('guard.outdoors.open_air_is_beside') : Message::of('guard.outdoors.it_stands_inside')],
        );
    }

    /** So far to both sides of it one looks, mm. */
    private const BESIDE = 200.0;
}
