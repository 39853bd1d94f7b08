<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

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
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.run_left',
    AnswerType::Length,
    'How far its last nosing is from the edge of the opening in the floor that it reaches.',
)]
final class RunLeft extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->from === null) {
            return new NotApplicable(Message::of('stair.run_left.it_reaches_storey_from'));
        }
        $head = $subject->shape->head;
        if ($head === null) {
            return new Unknown(["{$subject->id()}.parts"]);
        }
        $way = $head->direction()->left();
        $nearest = null;
        foreach ($subject->to->voids as $void) {
            foreach ($void->outline->edges() as $edge) {
                $crossing = $edge->lineCrossing(new Segment($head->middle(), $head->middle()->plus($way)));
                $ahead = $crossing === null || $edge->distanceTo($crossing) > Tolerance::TOUCH
                    ? null
                    : $crossing->minus($head->middle())->dot($way);
                $nearest = $ahead !== null && abs($ahead) < abs($nearest ?? self::FAR) ? $ahead : $nearest;
            }
        }
        if ($nearest === null) {
            return new Unknown(["an opening in {$subject->to->name} over {$subject->id()}"]);
        }
        $line = new Segment($head->middle(), $head->middle()->plus($way->times(abs($nearest) < 1 ? 1.0 : $nearest)));

        return new Measured(
            Amount::length(abs($nearest)),
            [Witness::dimension($subject->to->id, $line, Amount::length(abs($nearest)))],
            [
                $nearest >= 0
                    ? Message::of('stair.run_left.from_its_last_nosing', nearest: Amount::length($nearest))
                    : Message::of('stair.run_left.it_goes_on_under', nearest: Amount::length(-$nearest)),
            ],
        );
    }

    /** An opening farther away than this, mm, belongs to something else. */
    private const FAR = 10_000.0;
}
