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
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Run\Run;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'fixture.run_gap',
    AnswerType::Length,
    'What is left open between a unit of a run and the next one at its right, as one faces the run, where that is too narrow for a unit: '
    .'less than 150 mm. 0 where they stand close, a filler closes it, or there is room for a unit.',
)]
final class RunGap extends RunMeasure
{
    protected const KINDS = [
        FixtureKind::BaseCabinet, FixtureKind::TallCabinet, FixtureKind::Filler, FixtureKind::Dishwasher, FixtureKind::Oven,
        FixtureKind::Range, FixtureKind::Refrigerator,
    ];

    /** The narrowest unit in use (common practice, no source), and a joint that is closed, mm. */
    private const USABLE = 150.0;
    private const CLOSED = 0.5;

    protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement
    {
        $next = null;
        foreach (self::others($run, $one, self::KINDS) as [$other, $there]) {
            $isNext = $there[1] > $at[1] && $there[0] > ($at[0] + $at[1]) / 2;
            $next = $isNext && ($next === null || $there[0] < $next[1][0]) ? [$other, $there] : $next;
        }
        if ($next === null) {
            return new NotApplicable(Message::of('fixture.run_gap.nothing_at_its_right'));
        }
        $gap = $next[1][0] - $at[1];
        $isLeft = $gap > self::CLOSED && $gap < self::USABLE - Tolerance::TOUCH;

        return new Measured(
            Amount::length($isLeft ? $gap : 0.0),
            $isLeft ? self::along($run, $at[1], $next[1][0], $one->storey()) : [],
            [Message::of('fixture.run_gap.next', next: $next[0]->name(), gap: Amount::length(max(0.0, $gap)))],
            parties: [$next[0]->id()],
        );
    }
}
