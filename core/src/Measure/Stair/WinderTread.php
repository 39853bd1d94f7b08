<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

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
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\Stair\StepKind;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.winder_tread',
    AnswerType::Length,
    'The least depth of its tapered treads, straight across from riser to riser, `from_inner` its inner '
    .'side; without it, in the middle of the width.',
    with: ['from_inner' => AnswerType::Length],
)]
final class WinderTread extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $tapered = array_filter($subject->shape->steps, static fn(Step $step): bool => $step->kind === StepKind::Winder);
        if ($tapered === []) {
            return Tapered::isUndrawn($subject)
                ? new Unknown(["{$subject->id()}.parts"])
                : new NotApplicable(Message::of('stair.winder_tread.stair_has_no_tapered'));
        }
        $fromInner = $with->number('from_inner') ?? ($subject->stair->width ?? 0.0) / 2;
        $least = null;
        foreach ($tapered as $step) {
            $line = Tapered::across($subject, $step, $fromInner);
            $least = $least === null || $line->length() < $least->length() ? $line : $least;
        }

        return new Measured(
            Amount::length($least->length()),
            [Witness::dimension($subject->storey(), $least, Amount::length($least->length()))],
            [
                Message::of(
                    'stair.winder_tread.of_tapered_treads_from',
                    fromInner: Amount::length($fromInner),
                    least: Amount::length($least->length()),
                ),
            ],
        );
    }
}
