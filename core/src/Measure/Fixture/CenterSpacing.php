<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Box;
use Heurema\Geometry\Segment;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.center_spacing',
    AnswerType::Length,
    'From the middle of the fixture to the middle of the next sanitary fixture beside it on the same wall.',
)]
final class CenterSpacing extends SubjectMeasure
{
    private const SANITARY = [FixtureKind::WaterCloset, FixtureKind::Bidet, FixtureKind::Urinal, FixtureKind::Lavatory];
    private const SAME_WALL = 100.0;
    private const BESIDE = 2000.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $nearest = null;
        foreach ($home->fixturesNear(
            $subject->storey(),
            (new Box(
                $subject->fixture->at->x,
                $subject->fixture->at->y,
                $subject->fixture->at->x,
                $subject->fixture->at->y,
            ))->grown(self::BESIDE + self::SAME_WALL),
        ) as $other) {
            $at = $subject->frame->fromPlan($other->fixture->at);
            $isBeside = $other !== $subject && in_array($other->fixture->kind, self::SANITARY, true) && abs($at->y) <= self::SAME_WALL
                && $other->frame->yAxis->dot($subject->frame->yAxis) > 0.999 && $other->room === $subject->room;
            if ($isBeside && abs($at->x) < ($nearest === null ? self::BESIDE : $nearest[0])) {
                $nearest = [abs($at->x), $other];
            }
        }
        if ($nearest === null) {
            return new NotApplicable(Message::of('fixture.center_spacing.no_other_fixture_stands'));
        }
        $line = new Segment($subject->fixture->at, $nearest[1]->fixture->at);

        return new Measured(
            Amount::length($nearest[0]),
            [Witness::dimension($subject->storey(), $line, Amount::length($nearest[0]))],
            [Message::of('fixture.center_spacing.from_its_middle_to', nearest: $nearest[1]->name(), nearest2: Amount::length($nearest[0]))],
        );
    }
}
