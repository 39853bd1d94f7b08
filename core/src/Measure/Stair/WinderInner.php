<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Layout\Winders;
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
#[Measures('stair.winder_inner', AnswerType::Length, 'The least depth of its tapered treads at their narrow end.')]
final class WinderInner extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $tapered = array_filter($subject->shape->steps, static fn(Step $step): bool => $step->kind === StepKind::Winder);
        foreach ($subject->stair->parts as $number => $part) {
            if ($part instanceof Winders && $part->inner === null && $subject->stair->innerRadius === null) {
                return new Unknown(["{$subject->id()}.parts.{$number}.winders.inner"]);
            }
        }
        if ($tapered === []) {
            return Tapered::isUndrawn($subject)
                ? new Unknown(["{$subject->id()}.parts"])
                : new NotApplicable(Message::of('stair.winder_inner.stair_has_no_tapered'));
        }
        $least = null;
        foreach ($tapered as $step) {
            $line = Tapered::across($subject, $step, 0.0);
            $least = $least === null || $line->length() < $least->length() ? $line : $least;
        }

        return new Measured(
            Amount::length($least->length()),
            [Witness::dimension($subject->storey(), $least, Amount::length($least->length()))],
            [Message::of('stair.winder_inner.at_their_narrow_end', least: Amount::length($least->length()))],
        );
    }
}
