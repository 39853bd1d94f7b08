<?php

declare(strict_types=1);

namespace Heurema\Measure\Soffit;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\HungSoffit;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<HungSoffit> */
#[Measures('soffit.spacing', AnswerType::Length, 'How far the soffit is from the next one on its storey.')]
final class Spacing extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $closest = null;
        foreach ($subject->plan->storey->soffits as $other) {
            foreach ($other === $subject->soffit ? [] : $subject->soffit->outline->edges() as $edge) {
                foreach ($other->outline->edges() as $facing) {
                    $line = $edge->shortestTo($facing);
                    $closest = $closest === null || $line->length() < $closest->length() ? $line : $closest;
                }
            }
        }

        return $closest === null
            ? new NotApplicable(Message::of('soffit.spacing.no_other_soffit_hangs'))
            : new Measured(
                Amount::length($closest->length()),
                [Witness::dimension($subject->storey(), $closest, Amount::length($closest->length()))],
                [Message::of('soffit.spacing.next_soffit_is_away', closest: Amount::length($closest->length()))],
            );
    }
}
