<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Sweep;
use Heurema\Geometry\Tolerance;
use Heurema\Language\Text;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\UnderCeiling;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.unsupported',
    AnswerType::Length,
    'How far the fixture is from what could hold it: the finished floor or a fixture below it, sunk into '
    .'it or floating over it; a wall right behind it holds it too, and the ceiling what reaches up to it or hangs above heads.',
)]
final class Unsupported extends SubjectMeasure
{
    /** A wall this near its back, mm, holds it. */
    private const AT_WALL = 50.0;

    /** What hangs in the air above this, mm, hangs from the ceiling. */
    private const OVER_HEADS = 1800.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $base = $subject->knownBase();
        if ($base === null) {
            return $this->hangsOnWall($subject)
                ? new Measured(Amount::length(0), [], [Message::of('fixture.unsupported.wall_is_behind_it')])
                : new Unknown(["{$subject->id()}.base"]);
        }
        [$off, $what] = [$base, Text::of('the finished floor')];
        foreach ($base <= Tolerance::TOUCH || $subject->bounds === null ? [] : $home->fixturesNear(
            $subject->storey(),
            $subject->bounds,
        ) as $other) {
            $top = $other === $subject || $other->base() >= $base ? null : $other->top();
            if ($top !== null && abs($base - $top) < abs($off) && $subject->overlaps($other)) {
                [$off, $what] = [$base - $top, $other->name()];
            }
        }
        $isHeld = abs($off) > Tolerance::TOUCH && ($this->hangsOnWall($subject) || $this->hangsFromCeiling($subject));
        $off = $isHeld ? 0.0 : $off;

        return new Measured(
            Amount::length(abs($off)),
            [Witness::mark($subject->storey(), $subject->fixture->at, Amount::length($base))],
            [match (true) {
                $isHeld => Message::of('fixture.unsupported.it_hangs'),
                abs($off) <= Tolerance::TOUCH => Message::of('fixture.unsupported.it_stands_on', what: $what),
                $off > 0 => Message::of('fixture.unsupported.floating', what: $what, off: Amount::length($off)),
                default => Message::of('fixture.unsupported.sunk', what: $what, off: Amount::length(-$off)),
            }],
        );
    }

    private function hangsOnWall(PlacedFixture $fixture): bool
    {
        $behind = $fixture->frame->yAxis->times(-1);
        $met = $fixture->plan->mass->obstructions()->sweep(new Sweep($fixture->fixture->at, $behind, -1.0, 1.0));

        return $met !== null && $met->distance <= self::AT_WALL + Tolerance::TOUCH;
    }

    private function hangsFromCeiling(PlacedFixture $fixture): bool
    {
        $ceiling = $fixture->room === null ? null : UnderCeiling::over([$fixture->fixture->at], $fixture->room);
        $top = $fixture->top();

        return $fixture->fixture->kind->hangs()
            && $ceiling !== null
            && ($top === null || $top >= $ceiling - self::AT_WALL || ($fixture->knownBase() ?? 0.0) >= self::OVER_HEADS);
    }
}
