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
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\UnderCeiling;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.above_ceiling',
    AnswerType::Length,
    'By how much the fixture’s top is above the ceiling over it, a sloping one where it is lowest.',
)]
final class AboveCeiling extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $top = $subject->top();
        $ceiling = $subject->room === null
            ? null
            : UnderCeiling::over($subject->outline->points ?? [$subject->fixture->at], $subject->room);
        if ($subject->room === null) {
            return new NotApplicable(Message::of('fixture.above_ceiling.it_stands_in_no'));
        }
        if ($top === null || $ceiling === null) {
            return new Unknown([
                ...($top === null ? $subject->missingForTop() : []),
                ...($ceiling === null ? [$subject->room->ceilingKey()] : []),
            ]);
        }
        $above = max(0.0, $top - $ceiling);

        return new Measured(
            Amount::length($above),
            [Witness::mark($subject->storey(), $subject->fixture->at, Amount::length($top))],
            [Message::of('fixture.above_ceiling.its_top_is_at', top: Amount::length($top), ceiling: Amount::length($ceiling))],
        );
    }
}
