<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.riser_opening',
    AnswerType::Length,
    'The height between two treads of a stair with open risers; `above`: only of risers that end higher than that above its foot.',
    with: ['above' => AnswerType::Length],
)]
final class RiserOpening extends SubjectMeasure
{
    /** Thickness of an open stair's treads, mm, 1 1/2 in: common practice, no source. */
    private const TREAD_THICKNESS = 38.1;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->stair->openRisers !== true) {
            return $subject->stair->openRisers === null
                ? new Unknown(["{$subject->id()}.open_risers"])
                : new NotApplicable('Its risers are closed.');
        }
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $above = $with->number('above') ?? -1.0;
        $risers = array_filter(
            $climb->risers(),
            static fn(int $number): bool => $climb->levels[$number + 1] > $above + Tolerance::TOUCH,
            ARRAY_FILTER_USE_KEY,
        );
        if ($risers === []) {
            return new NotApplicable("None of its risers ends more than {$home->length($above)} above its foot.");
        }
        $opening = max($risers) - self::TREAD_THICKNESS;

        return new Measured(
            Amount::length($opening),
            [Witness::mark($subject->storey(), $subject->stair->start, $home->length($opening))],
            ["The highest riser less a tread's thickness: {$home->length($opening)}."],
            ['Treads are taken to be '.$home->length(self::TREAD_THICKNESS).' thick.'],
        );
    }
}
