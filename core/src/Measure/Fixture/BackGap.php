<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.back_gap',
    AnswerType::Length,
    'How far the middle of the fixture’s back is from the wall behind it; asked where a wall is within '
    .'150 mm of it, a fixture that stands farther off being meant to stand free.',
)]
final class BackGap extends SubjectMeasure
{
    private const MEANT_TO_TOUCH = 150.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $back = $subject->fixture->at;
        $behind = $subject->frame->yAxis->times(-1);
        $met = $subject->plan->mass->obstructions()->sweep(new Sweep($back, $behind, -1.0, 1.0));
        if ($met === null || $met->distance > self::MEANT_TO_TOUCH) {
            return new NotApplicable(Message::of('fixture.back_gap.it_stands_free'));
        }

        return new Measured(
            Amount::length($met->distance),
            [Witness::dimension(
                $subject->storey(),
                new Segment($back, $back->plus($behind->times($met->distance))),
                Amount::length($met->distance),
            )],
            [Message::of('fixture.back_gap.its_back_is_from', distance: Amount::length($met->distance))],
        );
    }
}
