<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures('window.drop', AnswerType::Length, 'From the ground outside up to the sill.')]
final class Drop extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $sill = $subject->opening->sill;
        $floor = $subject->plan->storey->elevation;
        if ($sill === null || $floor === null) {
            return new Unknown([
                ...($sill === null ? [$subject->sillKey()] : []),
                ...($floor === null ? ["{$subject->storey()}.elevation"] : []),
            ]);
        }
        $drop = $floor + $sill - ($home->ground()->at($subject->placeOutside()) ?? 0.0);

        return new Measured(
            Amount::length($drop),
            [Witness::mark($subject->storey(), $subject->middle(), Message::of('window.drop.above_ground', drop: Amount::length($drop)))],
            [Message::of('window.drop.sill_above_ground_outside', drop: Amount::length($drop))],
            $home->ground()->isSaid() ? [] : [Message::of('window.drop.ground_outside_taken_as')],
        );
    }
}
