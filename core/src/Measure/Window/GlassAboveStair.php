<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

use Heurema\Geometry\Segment;
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
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'window.glass_above_stair',
    AnswerType::Length,
    'How high the glass begins above the step beside it: of all steps and landings within `within` of it '
    .'in a room of the window, the least.',
    with: ['within' => AnswerType::Length],
)]
final class GlassAboveStair extends SubjectMeasure
{
    private const WITHIN = 914.4;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $bottom = (new GlassHeight('window.glass_bottom'))->of($subject, $home, new Parameters());
        if (!$bottom instanceof Measured || $subject->opening->width === null) {
            return $bottom instanceof Measured ? new Unknown(["{$subject->id()}.width"]) : $bottom;
        }
        $least = null;
        foreach ($home->stairs as $stair) {
            $floor = $stair->storey() === $subject->storey() ? 0.0 : ($stair->to->id === $subject->storey() ? $stair->totalRise() : null);
            $climb = $floor === null ? [] : Climb::of($stair);
            if (!$climb instanceof Climb) {
                continue;
            }
            foreach ($stair->shape->steps as $step) {
                $above = $bottom->amount()->number - $climb->level($step) + $floor;
                $line = $this->lineTo($step, $subject);
                if (
                    $line !== null
                    && $line->length() <= ($with->number('within') ?? self::WITHIN) + Tolerance::TOUCH
                    && ($least === null || $above < $least[0])
                ) {
                    $least = [$above, $line];
                }
            }
        }

        return $least === null
            ? new NotApplicable(Message::of('window.glass_above_stair.no_step_is_beside'))
            : new Measured(
                Amount::length($least[0]),
                [Witness::dimension($subject->storey(), $least[1], Amount::length($least[1]->length()))],
                [Message::of('window.glass_above_stair.above_step_beside_it', least: Amount::length($least[0]))],
                $bottom->assumptions,
            );
    }

    private function lineTo(Step $step, PlacedOpening $window): ?Segment
    {
        $nearest = null;
        foreach (GlassEdges::rooms($window) as $room) {
            $line = $room->outline()?->contains($step->outline->middle()) === true
                ? GlassEdges::nearest($window, $room, $step->outline->edges())
                : null;
            $nearest = $line !== null && ($nearest === null || $line->length() < $nearest->length()) ? $line : $nearest;
        }

        return $nearest;
    }
}
