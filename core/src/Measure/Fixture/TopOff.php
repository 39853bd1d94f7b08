<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\FixtureKind;
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
    'fixture.top_off',
    AnswerType::Length,
    'By how much the top of a wall or tall unit misses that of another one in the room that it nearly agrees with: by 30 mm or less. '
    .'0 where it agrees with all, or is far from those that it does not agree with.',
)]
final class TopOff extends SubjectMeasure
{
    private const HIGH = [FixtureKind::WallCabinet, FixtureKind::TallCabinet];

    /** Heights that agree, and such as nearly do, mm. */
    private const SAME = 0.5;
    private const NEARLY = 30.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $others = array_values(array_filter(
            $home->fixturesOn($subject->storey()),
            static fn(PlacedFixture $one): bool => $one !== $subject && $one->room === $subject->room && $one->room !== null
                && in_array($one->fixture->kind, self::HIGH, true),
        ));
        if (!in_array($subject->fixture->kind, self::HIGH, true) || $others === []) {
            return new NotApplicable(Message::of('fixture.top_off.no_other'));
        }
        if ($subject->top() === null) {
            return new Unknown($subject->missingForTop());
        }
        $off = null;
        $missing = [];
        foreach ($others as $other) {
            $apart = $other->top() === null ? null : abs($other->top() - $subject->top());
            $missing = [...$missing, ...$other->missingForTop()];
            $isNearly = $apart !== null && $apart > self::SAME && $apart <= self::NEARLY + Tolerance::TOUCH;
            $off = $isNearly && ($off === null || $apart > $off[0]) ? [$apart, $other] : $off;
        }

        return match (true) {
            $off !== null => new Measured(
                Amount::length($off[0]),
                [Witness::mark($subject->storey(), $subject->fixture->at), Witness::mark($subject->storey(), $off[1]->fixture->at)],
                [Message::of('fixture.top_off.misses', other: $off[1]->name())],
                parties: [$off[1]->id()],
            ),
            $missing !== [] => new Unknown($missing),
            default => new Measured(Amount::length(0.0)),
        };
    }
}
