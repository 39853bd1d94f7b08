<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

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
    'fixture.clear_above',
    AnswerType::Length,
    'From the top of the fixture up to the underside of what hangs over it.',
)]
final class ClearAbove extends SubjectMeasure
{
    /** What hangs over other fixtures. */
    private const OVERHEAD = [FixtureKind::Hood, FixtureKind::WallCabinet, FixtureKind::Lamp];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $top = $subject->fixture->height;
        $lowest = null;
        $unknown = [];
        foreach ($subject->bounds === null ? [] : $home->fixturesNear($subject->storey(), $subject->bounds) as $other) {
            if (
                $other !== $subject
                && $other->knownBase() === null
                && in_array($other->fixture->kind, self::OVERHEAD, true)
                && $subject->overlaps($other)
            ) {
                $unknown[] = "{$other->id()}.base";
            }
            $isAbove = $other !== $subject && !$subject->isSetIn($other) && $other->base() > max(0.0, $subject->base());
            if ($isAbove && $subject->overlaps($other)) {
                $lowest = $lowest === null || $other->base() < $lowest->base() ? $other : $lowest;
            }
        }
        if ($unknown !== []) {
            return new Unknown($unknown);
        }
        if ($lowest === null) {
            return new NotApplicable(Message::of('fixture.clear_above.nothing_hangs_over_it'));
        }
        if ($top === null) {
            return new Unknown(["{$subject->id()}.height"]);
        }
        $clear = $lowest->base() - $subject->base() - $top;

        return new Measured(
            Amount::length($clear),
            [Witness::mark($subject->storey(), $subject->fixture->at, Amount::length($clear))],
            [
                Message::of(
                    'fixture.clear_above.from_its_top_at',
                    base: Amount::length($subject->base() + $top),
                    lowest: $lowest->name(),
                    base2: Amount::length($lowest->base()),
                    clear: Amount::length($clear),
                ),
            ],
        );
    }
}
