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
    'From the middle of the fixture to the middle of the next sanitary fixture beside it on the same wall; '
    .'of a vanity, from basin to basin.',
)]
final class CenterSpacing extends SubjectMeasure
{
    private const SANITARY = [
        FixtureKind::WaterCloset, FixtureKind::Bidet, FixtureKind::Urinal, FixtureKind::Lavatory, FixtureKind::Vanity,
    ];
    private const SAME_WALL = 100.0;
    private const BESIDE = 2000.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $nearest = self::betweenItsOwn($subject);
        foreach ($home->fixturesNear($subject->storey(), self::around($subject)) as $other) {
            if (self::isBeside($subject, $other)) {
                $nearest = self::nearer($nearest, self::between($subject, $other));
            }
        }
        if ($nearest === null) {
            return new NotApplicable(Message::of('fixture.center_spacing.no_other_fixture_stands'));
        }
        [$from, $to, $name] = $nearest;
        $apart = Amount::length(abs($to - $from));
        $line = new Segment($subject->frame->toPlan(new Point($from, 0)), $subject->frame->toPlan(new Point($to, 0)));

        return new Measured(
            $apart,
            [Witness::dimension($subject->storey(), $line, $apart)],
            [Message::of('fixture.center_spacing.from_its_middle_to', nearest: $name, nearest2: $apart)],
        );
    }

    private static function around(PlacedFixture $subject): Box
    {
        $at = $subject->fixture->at;

        return (new Box($at->x, $at->y, $at->x, $at->y))->grown(self::BESIDE + self::SAME_WALL);
    }

    private static function isBeside(PlacedFixture $subject, PlacedFixture $other): bool
    {
        return $other !== $subject && in_array($other->fixture->kind, self::SANITARY, true) && $other->room === $subject->room
            && abs($subject->frame->fromPlan($other->fixture->at)->y) <= self::SAME_WALL + Tolerance::TOUCH
            && $other->frame->yAxis->dot($subject->frame->yAxis) > 0.999;
    }

    /** @return array{float, float, string}|null two neighbouring basins of one vanity: where they are, across, and what the second is */
    private static function betweenItsOwn(PlacedFixture $subject): ?array
    {
        $places = $subject->places();

        return isset($places[1]) ? [$places[0], $places[1], $subject->name()] : null;
    }

    /** @return array{float, float, string}|null the two of their places that are closest, across, not farther than is beside */
    private static function between(PlacedFixture $subject, PlacedFixture $other): ?array
    {
        $nearest = null;
        $at = $subject->frame->fromPlan($other->fixture->at)->x;
        foreach ($subject->places() as $from) {
            foreach ($other->places() as $to) {
                $isBeside = abs($at + $to - $from) <= self::BESIDE + Tolerance::TOUCH;
                $nearest = self::nearer($nearest, $isBeside ? [$from, $at + $to, $other->name()] : null);
            }
        }

        return $nearest;
    }

    /**
     * @param array{float, float, string}|null $one
     * @param array{float, float, string}|null $other
     *
     * @return array{float, float, string}|null
     */
    private static function nearer(?array $one, ?array $other): ?array
    {
        return match (true) {
            $one === null, $other === null => $one ?? $other,
            default => abs($other[1] - $other[0]) < abs($one[1] - $one[0]) ? $other : $one,
        };
    }
}
