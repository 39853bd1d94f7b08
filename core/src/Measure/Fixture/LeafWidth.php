<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.leaf_width',
    AnswerType::Length,
    'How wide a door leaf of a cabinet is: as was said of what its door sweeps, else the width of the cabinet, or the half of it where it '
    .'is said to have two leaves, or nothing is said and it is wider than 610 mm.',
)]
final class LeafWidth extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$width, $swing, $leaves] = [$subject->fixture->width, $subject->fixture->doorSwing, $subject->fixture->leaves()];
        if ($leaves === 0) {
            return new NotApplicable(Message::of('fixture.leaf_width.it_is_no_cabinet'));
        }

        return match (true) {
            $swing !== null => new Measured(Amount::length($swing), [], [Message::of('fixture.leaf_width.as_it_sweeps')]),
            $width === null => new Unknown(["{$subject->id()}.width"]),
            $leaves === 2 => new Measured(Amount::length($width / 2), [], [Message::of('fixture.leaf_width.two_leaves')]),
            default => new Measured(Amount::length($width), [], [Message::of('fixture.leaf_width.one_leaf')]),
        };
    }
}
