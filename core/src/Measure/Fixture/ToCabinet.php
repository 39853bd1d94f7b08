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
    'fixture.to_cabinet',
    AnswerType::Length,
    'Along its run from the fixture’s side to the nearest cabinet beside it; a filler between them counts as distance.',
)]
final class ToCabinet extends RunMeasure
{
    private const CABINETS = [FixtureKind::BaseCabinet, FixtureKind::TallCabinet];

    /** What stands farther away is not beside it, mm. */
    private const BESIDE = 304.8;

    protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement
    {
        $nearest = null;
        foreach (self::others($run, $one, self::CABINETS) as [$other, $there]) {
            $away = max($at[0] - $there[1], $there[0] - $at[1]);
            $isBeside = $away > -($at[1] - $at[0]) && $away <= self::BESIDE + Tolerance::TOUCH;
            $nearest = $isBeside && ($nearest === null || $away < $nearest[0]) ? [$away, $other, $there] : $nearest;
        }
        if ($nearest === null) {
            return new NotApplicable(Message::of('fixture.to_cabinet.none_beside_it'));
        }
        [$away, $other, $there] = $nearest;

        return new Measured(
            Amount::length(max(0.0, $away)),
            self::along($run, min($at[1], $there[1]), max($at[0], $there[0]), $one->storey()),
            [Message::of('fixture.to_kind.to', other: $other->name())],
            parties: [$other->id()],
        );
    }
}
