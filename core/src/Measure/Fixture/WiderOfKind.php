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
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.wider_of_kind',
    AnswerType::Count,
    'How many of its kind in the same room are wider, or as wide and drawn before it: 0 for the main one.',
)]
final class WiderOfKind extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->room === null) {
            return new NotApplicable(Message::of('fixture.wider_of_kind.it_is_in_no_room'));
        }
        [$count, $isBefore] = [0, true];
        foreach ($home->fixturesOn($subject->storey()) as $other) {
            $isBefore = $isBefore && $other !== $subject;
            if ($other !== $subject && $other->room === $subject->room && $other->fixture->kind === $subject->fixture->kind) {
                $wider = ($other->fixture->width ?? 0.0) <=> ($subject->fixture->width ?? 0.0);
                $count += $wider > 0 || ($wider === 0 && $isBefore) ? 1 : 0;
            }
        }

        return new Measured(Amount::count($count));
    }
}
