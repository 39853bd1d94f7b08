<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

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
    'fixture.to_corner',
    AnswerType::Length,
    'From the fixture’s side edge along its run to the fronts of the leg that stands at a right angle to it, at the nearer inner corner.',
)]
final class ToCorner extends RunMeasure
{
    protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement
    {
        [$left, $right] = $run->toCorners($one);
        $nearer = min($left, $right);
        if ($nearer === INF) {
            return new NotApplicable(Message::of('fixture.to_corner.no_corner'));
        }
        [$from, $to] = $left <= $right ? [$at[0] - $nearer, $at[0]] : [$at[1], $at[1] + $nearer];

        return new Measured(Amount::length($nearer), self::along($run, $from, $to, $one->storey()));
    }
}
