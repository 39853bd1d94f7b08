<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\Runs;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'fixture.run_overlap',
    AnswerType::Length,
    'By how much a unit of a run reaches into the place of another one of it. What is set in a unit or under it shares its place.',
)]
final class RunOverlap extends RunMeasure
{
    protected const KINDS = Runs::UNITS;

    protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement
    {
        $most = null;
        foreach (self::others($run, $one, self::KINDS) as [$other, $there]) {
            [$from, $to] = [max($at[0], $there[0]), min($at[1], $there[1])];
            $isMore = $to - $from > Tolerance::TOUCH && $other->overlaps($one) && ($most === null || $to - $from > $most[2] - $most[1]);
            $most = $isMore ? [$other, $from, $to] : $most;
        }

        return $most === null ? new Measured(Amount::length(0.0)) : new Measured(
            Amount::length($most[2] - $most[1]),
            self::along($run, $most[1], $most[2], $one->storey()),
            [Message::of('fixture.overlaps.also_there', names: [$most[0]->name()])],
            parties: [$most[0]->id()],
        );
    }
}
