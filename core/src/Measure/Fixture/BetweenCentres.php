<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\RunLeg;
use Heurema\Spatial\Run\WorkCentres;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'fixture.between_centres',
    AnswerType::Count,
    '1 where it stands in its run between two of the places of work (sink, cooktop or range, refrigerator) with no corner between, else 0.',
)]
final class BetweenCentres extends RunMeasure
{
    protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement
    {
        [$left, $right] = [null, null];
        foreach ($one->room === null ? [] : WorkCentres::of($one->room, $home)->fixtures as $centre) {
            $there = $centre === $one || !self::isOnOneLeg($run, $one, $centre) ? null : $run->stretch($centre);
            $left = $there !== null && ($there[0] + $there[1]) / 2 < $at[0] ? $centre : $left;
            $right = $there !== null && ($there[0] + $there[1]) / 2 > $at[1] ? $centre : $right;
        }

        return $left === null || $right === null ? new Measured(Amount::count(0)) : new Measured(
            Amount::count(1),
            [Witness::mark($one->storey(), $one->fixture->at)],
            [Message::of('fixture.between_centres.between', left: $left->name(), right: $right->name())],
            parties: [$left->id(), $right->id()],
        );
    }

    private static function isOnOneLeg(Run $run, PlacedFixture $one, PlacedFixture $other): bool
    {
        return array_filter(
            $run->legs,
            static fn(RunLeg $leg): bool => in_array($one, $leg->units, true) && in_array($other, $leg->units, true),
        ) !== [];
    }
}
