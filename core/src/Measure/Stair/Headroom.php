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
use Heurema\Spatial\Headroom as LowestHeadroom;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.headroom',
    AnswerType::Length,
    'The least height straight up from the line over the nosings, from the landings and from the floor '
    .'at its foot and head to whatever is above, over the whole width. `side_edge`: so far the edges of '
    .'floor openings may come in over the ends of treads. `over: middle` looks only over the middle of the width.',
    with: ['side_edge' => AnswerType::Length, 'over' => AnswerType::Word],
    words: ['over' => ['middle']],
)]
final class Headroom extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $covers = $home->covers($climb);
        if ($covers->missing !== []) {
            return new Unknown(array_values(array_unique($covers->missing)));
        }
        $lowest = LowestHeadroom::lowest($climb, $covers, $with->number('side_edge') ?? 0.0, $with->word('over') === 'middle');
        if ($lowest === null) {
            return new NotApplicable(Message::of('stair.headroom.nothing_is_above_it'));
        }

        if ($lowest->height <= 0) {
            return new Measured(
                Amount::length(0),
                [Witness::mark($subject->storey(), $lowest->at, $lowest->under)],
                [Message::of('stair.headroom.is_in_way_it', from: Amount::length($lowest->from), under: $lowest->under)],
                array_values($covers->assumptions),
            );
        }

        return new Measured(
            Amount::length($lowest->height),
            [Witness::mark($subject->storey(), $lowest->at, Amount::length($lowest->height))],
            [
                Message::of(
                    'stair.headroom.lowest_under_above_foot',
                    under: $lowest->under,
                    from: Amount::length($lowest->from + $lowest->height),
                    from2: Amount::length($lowest->from),
                ),
            ],
            array_values($covers->assumptions),
        );
    }
}
