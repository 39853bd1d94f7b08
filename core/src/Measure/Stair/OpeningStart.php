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
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\OpeningEdge;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.opening_start',
    AnswerType::Count,
    'On how many treads below the upper floor a stick as long as the wanted `headroom` and the floor is '
    .'thick stands up through it: over them the floor has to be open. The line is where the opening has to begin.',
    with: ['headroom' => AnswerType::Length],
)]
final class OpeningStart extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->from === null) {
            return new NotApplicable(Message::of('stair.opening_start.it_leads_up_outside'));
        }
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $headroom = $with->number('headroom') ?? self::HEADROOM;
        $start = OpeningEdge::of($climb, $headroom);
        if (!$start instanceof OpeningEdge) {
            return new Unknown($start);
        }

        return new Measured(
            Amount::count($start->treads),
            $start->edge === null
                ? []
                : [Witness::dimension($subject->storey(), $start->edge, Message::of('stair.opening_start.opening_begins_here'))],
            [
                Message::of('stair.opening_start.and_floors_thickness_set', headroom: Amount::length($headroom), treads: $start->treads),
            ],
        );
    }

    /** 6 ft 8 in. */
    private const HEADROOM = 2032.0;
}
