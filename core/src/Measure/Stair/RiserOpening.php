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
use Heurema\Words\Message;

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
                : new NotApplicable(Message::of('stair.riser_opening.its_risers_are_closed'));
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
            return new NotApplicable(Message::of('stair.riser_opening.none_of_its_risers', above: Amount::length($above)));
        }
        $opening = max($risers) - self::TREAD_THICKNESS;

        return new Measured(
            Amount::length($opening),
            [Witness::mark($subject->storey(), $subject->stair->start, Amount::length($opening))],
            [Message::of('stair.riser_opening.highest_riser_less_treads', opening: Amount::length($opening))],
            [Message::of('stair.riser_opening.treads_are_taken_to', treadThickness: Amount::length(self::TREAD_THICKNESS))],
        );
    }
}
