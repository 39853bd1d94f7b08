<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
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
    'fixture.odd_gap',
    AnswerType::Length,
    'The gap to the next unit of a run, on the side where there is one that is neither closed nor wide '
    .'enough for a unit of 150 mm; 0 where there is none. Units stand with their backs in one line, facing one way.',
)]
final class OddGap extends SubjectMeasure
{
    private const UNITS = [
        FixtureKind::BaseCabinet, FixtureKind::TallCabinet, FixtureKind::WallCabinet, FixtureKind::Dishwasher, FixtureKind::Oven,
        FixtureKind::Filler,
    ];
    private const IN_LINE = 50.0;
    private const USABLE = 150.0;
    private const CLOSED = 1.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $width = $subject->fixture->width;
        if (!in_array($subject->fixture->kind, self::UNITS, true)) {
            return new NotApplicable(Message::of('fixture.odd_gap.it_is_no_unit'));
        }
        if ($width === null || $subject->bounds === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $odd = null;
        foreach ($this->nearest($subject, $width, $subject->bounds, $home) as [$gap, $other]) {
            $isOdd = $gap > self::CLOSED && $gap < self::USABLE - Tolerance::TOUCH;
            $odd = $isOdd && ($odd === null || $gap < $odd[0]) ? [$gap, $other] : $odd;
        }

        return $odd === null
            ? new Measured(Amount::length(0), [], [Message::of('fixture.odd_gap.no_odd_gap_is')])
            : new Measured(
                Amount::length($odd[0]),
                [Witness::dimension($subject->storey(), self::across($odd[0], $subject, $width, $odd[1]), Amount::length($odd[0]))],
                [Message::of('fixture.odd_gap.between_it_and_are', odd: $odd[1]->name(), odd2: Amount::length($odd[0]))],
            );
    }

    /** From the side of the unit to that of the other one, along the line of its back. */
    private static function across(float $gap, PlacedFixture $unit, float $width, PlacedFixture $other): Segment
    {
        $side = $unit->frame->fromPlan($other->fixture->at)->x <=> 0.0;

        return new Segment(
            $unit->frame->toPlan(new Point($side * $width / 2, 0.0)),
            $unit->frame->toPlan(new Point($side * ($width / 2 + $gap), 0.0)),
        );
    }

    /** @return list<array{float, PlacedFixture}> how far away, mm, and which: the nearest unit at either side */
    private function nearest(PlacedFixture $unit, float $width, Box $bounds, Home $home): array
    {
        $nearest = [];
        foreach ($home->fixturesNear($unit->storey(), $bounds->grown(self::USABLE)) as $other) {
            $at = $unit->frame->fromPlan($other->fixture->at);
            $isInRun = $other !== $unit
                && in_array($other->fixture->kind, self::UNITS, true)
                && $other->fixture->width !== null
                && $other->base() < 1000 === $unit->base() < 1000
                && abs($at->y) <= self::IN_LINE + Tolerance::TOUCH && $other->frame->yAxis->dot($unit->frame->yAxis) > 0.999;
            $gap = $isInRun ? abs($at->x) - ($width + $other->fixture->width) / 2 : INF;
            $side = $at->x < 0.0 ? 0 : 1;
            if ($isInRun && $gap > -self::CLOSED && (!isset($nearest[$side]) || $gap < $nearest[$side][0])) {
                $nearest[$side] = [$gap, $other];
            }
        }

        return array_values($nearest);
    }
}
