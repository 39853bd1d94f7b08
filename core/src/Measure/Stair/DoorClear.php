<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Geometry\Segment;
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
use Heurema\Spatial\StairEnd;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.door_clear',
    AnswerType::Length,
    'What the leaves of doors leave of the floor at its foot, or `at: head` at its head, from the edge of the steps on.',
    with: ['at' => AnswerType::Word],
    words: ['at' => ['foot', 'head']],
)]
final class DoorClear extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $end = $with->word('at') === 'head' ? StairEnd::head($subject, $home) : StairEnd::foot($subject, $home);
        $distance = $end?->leafDistance((float) $subject->stair->width, $home);
        if ($end === null || $distance === null) {
            return new NotApplicable(Message::of('stair.door_clear.no_door_swings_over'));
        }
        $line = new Segment($end->edge->middle(), $end->edge->offset(max(1.0, $distance))->middle());

        return new Measured(
            Amount::length($distance),
            [Witness::dimension($end->plan->storey->id ?? $subject->storey(), $line, Amount::length($distance))],
            [Message::of('stair.door_clear.between_steps_and_leafs', distance: Amount::length($distance))],
        );
    }
}
