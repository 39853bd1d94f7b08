<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
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
    'fixture.front_off',
    AnswerType::Length,
    'By how much the front of a unit of a run misses that of one beside it in the same leg that it is nearly in line with: by 30 mm or '
    .'less. 0 where it is in line with those at both sides, or stands clearly before or behind them.',
)]
final class FrontOff extends RunMeasure
{
    protected const KINDS = [FixtureKind::BaseCabinet, FixtureKind::TallCabinet, FixtureKind::Filler, FixtureKind::Dishwasher];

    /** Fronts that are in line, such as nearly are, and what counts as beside, mm. */
    private const SAME = 0.5;
    private const NEARLY = 30.0;
    private const BESIDE = 51.0;

    protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement
    {
        $facing = $one->frame->yAxis;
        $off = null;
        $isAlone = true;
        foreach (self::others($run, $one, self::KINDS) as [$other, $there]) {
            $gap = max($at[0], $there[0]) - min($at[1], $there[1]);
            $isBeside = $gap <= self::BESIDE + Tolerance::TOUCH && $other->frame->yAxis->dot($facing) > 0.999;
            $apart = abs(self::front($one, $facing) - self::front($other, $facing));
            $isAlone = $isAlone && !$isBeside;
            $isNearly = $isBeside && $apart > self::SAME && $apart <= self::NEARLY + Tolerance::TOUCH;
            $off = $isNearly && ($off === null || $apart > $off[0]) ? [$apart, $other, $there] : $off;
        }
        if ($off === null) {
            return $isAlone
                ? new NotApplicable(Message::of('fixture.front_off.none_beside_it'))
                : new Measured(Amount::length(0.0));
        }
        [$apart, $other, $there] = $off;

        return new Measured(
            Amount::length($apart),
            self::along($run, min($at[0], $there[0]), max($at[1], $there[1]), $one->storey()),
            [Message::of('fixture.front_off.misses', other: $other->name())],
            parties: [$other->id()],
        );
    }

    private static function front(PlacedFixture $one, Point $facing): float
    {
        return max([-INF, ...array_map($facing->dot(...), $one->outline->points ?? [])]);
    }
}
