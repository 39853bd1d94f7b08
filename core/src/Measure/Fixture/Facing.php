<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
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
    'fixture.faces_wall_at',
    AnswerType::Length,
    'How far the wall is that the middle of the fixture’s front looks at.',
)]
final class Facing extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->fixture->depth === null) {
            return new Unknown(["{$subject->id()}.depth"]);
        }
        $front = $subject->frame->toPlan(new Point(0, $subject->fixture->depth));
        $out = $subject->frame->yAxis;
        $met = $subject->plan->mass->obstructions()->sweep(new Sweep($front, $out, -1.0, 1.0));
        if ($met === null) {
            return new NotApplicable(Message::of('fixture.facing.it_looks_at_no'));
        }

        return new Measured(
            Amount::length($met->distance),
            [Witness::dimension(
                $subject->storey(),
                new Segment($front, $front->plus($out->times($met->distance))),
                Amount::length($met->distance),
            )],
            [Message::of('fixture.facing.wall_before_it_is', distance: Amount::length($met->distance))],
        );
    }
}
