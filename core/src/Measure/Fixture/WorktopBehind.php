<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
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
    'fixture.worktop_behind',
    AnswerType::Length,
    'Of a cooktop or range on an island, no wall within 12 inches behind it: the worktop from its back to the far edge, the least across '
    .'its width.',
)]
final class WorktopBehind extends SubjectMeasure
{
    private const COOKED_ON = [FixtureKind::Cooktop, FixtureKind::Range];
    private const TOPS = [FixtureKind::Counter, FixtureKind::BaseCabinet, FixtureKind::Island, FixtureKind::Filler];

    /** A wall nearer than this is what it stands at, mm. */
    private const AT_WALL = 304.8;

    /** Joints are closed, mm. */
    private const JOINT = 3.0;

    /** So far beside a corner it is measured, mm. */
    private const ASIDE = 0.1;

    /** How far behind worktop is looked for, mm. */
    private const NEAR = 3000.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if (!in_array($subject->fixture->kind, self::COOKED_ON, true)) {
            return new NotApplicable(Message::of('fixture.beside_tall.not_cooked_on'));
        }
        $width = $subject->fixture->width;
        if ($width === null || $subject->bounds === null) {
            return new Unknown(["{$subject->id()}.".($width === null ? 'width' : 'depth')]);
        }
        $pieces = self::pieces($subject, $home);
        $shortest = null;
        foreach (self::places($subject, $pieces, $width / 2 - self::JOINT) as $x) {
            $line = self::behind($subject, $pieces, $x);
            if (self::isAtWall($subject, $line->to)) {
                return new NotApplicable(Message::of('fixture.worktop_behind.at_wall'));
            }
            $shortest = $shortest === null || $line->length() < $shortest->length() ? $line : $shortest;
        }

        return new Measured(
            Amount::length($shortest->length()),
            [Witness::dimension($subject->storey(), $shortest, Amount::length($shortest->length()))],
        );
    }

    /** @return list<Polygon> worktops and units of the room */
    private static function pieces(PlacedFixture $one, Home $home): array
    {
        $pieces = [];
        foreach ($one->bounds === null ? [] : $home->fixturesNear($one->storey(), $one->bounds->grown(self::NEAR)) as $other) {
            $isPiece = $other->outline !== null && $other->room === $one->room && in_array($other->fixture->kind, self::TOPS, true);
            $pieces = [...$pieces, ...$isPiece ? [new Polygon($other->outline)] : []];
        }

        return $pieces;
    }

    /**
     * Both ends of its back, and every corner of a piece between them, on either side of it: the least lies at one of those.
     *
     * @param list<Polygon> $pieces
     *
     * @return non-empty-list<float> along its back from the middle
     */
    private static function places(PlacedFixture $one, array $pieces, float $half): array
    {
        $places = [-$half, $half];
        foreach ($pieces as $piece) {
            foreach ($piece->outer->points as $corner) {
                $x = $one->frame->fromPlan($corner)->x;
                $places = [...$places, ...abs($x) < $half ? [$x - self::ASIDE, $x + self::ASIDE] : []];
            }
        }

        return $places;
    }

    /**
     * From its back as far as pieces follow one another.
     *
     * @param list<Polygon> $pieces
     */
    private static function behind(PlacedFixture $one, array $pieces, float $x): Segment
    {
        $line = new Segment($one->frame->toPlan(new Point($x, 0.0)), $one->frame->toPlan(new Point($x, -self::NEAR)));
        $chords = array_merge(...array_map(static fn(Polygon $piece): array => $piece->chords($line), $pieces));
        $spans = array_map(static fn(Segment $chord): array => [$line->along($chord->from), $line->along($chord->to)], $chords);
        sort($spans);
        $reach = 0.0;
        foreach ($spans as [$from, $to]) {
            $reach = $from <= $reach + self::JOINT + Tolerance::TOUCH ? max($reach, $to) : $reach;
        }

        return new Segment($line->from, $line->at($reach));
    }

    private static function isAtWall(PlacedFixture $one, Point $back): bool
    {
        $met = $one->plan->mass->obstructions()->sweep(new Sweep($back, $one->frame->yAxis->times(-1.0), -1.0, 1.0));

        return $met !== null && $met->distance < self::AT_WALL - Tolerance::TOUCH;
    }
}
