<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Sweep;
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
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.front_clearance',
    AnswerType::Length,
    'How far the fixture’s front edge, over its whole width, can move forward before it meets a wall '
    .'face, a closed door or another fixture. A divider and a bare opening stop nothing.',
)]
final class FrontClearance extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $width = $subject->fixture->width;
        $depth = $subject->fixture->depth;
        if ($width === null || $depth === null) {
            return new Unknown([
                ...($width === null ? ["{$subject->id()}.width"] : []),
                ...($depth === null ? ["{$subject->id()}.depth"] : []),
            ]);
        }
        $frame = $subject->frame;
        $front = $frame->toPlan(new Point(0, $depth));
        $around = Surroundings::of($subject, $home);
        $hit = $around->reach(new Sweep($front, $frame->yAxis, -$width / 2, $width / 2));
        if ($hit === null) {
            return new NotApplicable(Message::of('fixture.front_clearance.nothing_stands_in_front'));
        }
        $corners = [$frame->toPlan(new Point(-$width / 2, $depth)), $frame->toPlan(new Point($width / 2, $depth))];
        $zone = Ring::rectangle($corners[0], $corners[1]->minus($corners[0]), $frame->yAxis->times(max(1.0, $hit->distance)));

        return new Measured(
            Amount::length($hit->distance),
            [
                Witness::outline($subject->storey(), $zone),
                Witness::dimension($subject->storey(), $hit->line, Amount::length($hit->distance)),
            ],
            [Message::of('fixture.front_clearance.from_its_front_edge', what: $hit->what, distance: Amount::length($hit->distance))],
            $around->assumptions,
        );
    }
}
