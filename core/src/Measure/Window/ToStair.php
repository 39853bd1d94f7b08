<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

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
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'window.to_stair',
    AnswerType::Length,
    'From the glass, level, to the nearest tread or landing of a stair on its storey, where both are in one room.',
)]
final class ToStair extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->opening->width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $nearest = null;
        foreach ($home->stairs as $stair) {
            $shape = $stair->shape;
            foreach (in_array($subject->storey(), [$stair->storey(), $stair->to->id], true) ? GlassEdges::rooms($subject) : [] as $room) {
                foreach ([...$shape->treads(), ...$shape->landings()] as $step) {
                    $line = $room->outline()?->contains($step->middle()) === true
                        ? GlassEdges::nearest($subject, $room, $step->edges())
                        : null;
                    $nearest = $line !== null && ($nearest === null || $line->length() < $nearest->length()) ? $line : $nearest;
                }
            }
        }

        return $nearest === null
            ? new NotApplicable(Message::of('window.to_stair.no_stair_is_beside'))
            : new Measured(
                Amount::length($nearest->length()),
                [Witness::dimension($subject->storey(), $nearest, Amount::length($nearest->length()))],
                [Message::of('window.to_stair.from_glass_to_stair', nearest: Amount::length($nearest->length()))],
            );
    }
}
