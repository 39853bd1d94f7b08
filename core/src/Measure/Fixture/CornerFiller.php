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
    'fixture.corner_filler',
    AnswerType::Length,
    'Of the base unit that stands next to an inner corner: how far its side is from the fronts of the other leg, so that its doors and '
    .'drawers open past the handles there. A unit that reaches into the corner has its doors beyond that.',
)]
final class CornerFiller extends RunMeasure
{
    protected const KINDS = [FixtureKind::BaseCabinet];

    /** What is farther from the corner does not stand next to it, mm. */
    private const NEXT = 304.8;

    /** Rounding, mm. */
    private const SAME = 1.0;

    protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement
    {
        [$left, $right] = $run->toUnitsInCorners($one);
        $nearer = min($left, $right);
        $reachesIn = $at[1] - $at[0] < ($one->fixture->width ?? 0.0) - self::SAME;
        if ($nearer > self::NEXT + Tolerance::TOUCH || $reachesIn) {
            return new NotApplicable(Message::of('fixture.corner_filler.not_next_to_one'));
        }
        [$from, $to] = $left <= $right ? [$at[0] - $nearer, $at[0]] : [$at[1], $at[1] + $nearer];

        return new Measured(Amount::length($nearer), self::along($run, $from, $to, $one->storey()));
    }
}
