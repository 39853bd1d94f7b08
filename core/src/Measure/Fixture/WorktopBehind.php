<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Sweep;
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
        foreach ([-1.0, 0.0, 1.0] as $side) {
            $x = $side * ($width / 2 - self::JOINT);
            $line = new Segment(
                $subject->frame->toPlan(new Point($x, 0.0)),
                $subject->frame->toPlan(new Point($x, -self::reach($pieces, $x))),
            );
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

    /** @return list<list<Segment>> the edges of worktops and units in the room, in the frame of what is cooked on */
    private static function pieces(PlacedFixture $one, Home $home): array
    {
        $pieces = [];
        foreach ($one->bounds === null ? [] : $home->fixturesNear($one->storey(), $one->bounds->grown(self::NEAR)) as $other) {
            if ($other->room === $one->room && in_array($other->fixture->kind, self::TOPS, true)) {
                $pieces[] = array_map(
                    static fn(Segment $edge): Segment => new Segment($one->frame->fromPlan($edge->from), $one->frame->fromPlan($edge->to)),
                    $other->outline?->edges() ?? [],
                );
            }
        }

        return $pieces;
    }

    /** @param list<list<Segment>> $pieces */
    private static function reach(array $pieces, float $x): float
    {
        $spans = array_filter(array_map(static fn(array $edges): ?array => self::span($edges, $x), $pieces));
        usort($spans, static fn(array $a, array $b): int => $b[1] <=> $a[1]);
        $reach = 0.0;
        foreach ($spans as [$far, $near]) {
            if ($near >= $reach - self::JOINT) {
                $reach = min($reach, $far);
            }
        }

        return -$reach;
    }

    /**
     * @param list<Segment> $edges
     *
     * @return array{float, float}|null from where to where a line straight back at x crosses it
     */
    private static function span(array $edges, float $x): ?array
    {
        $at = [];
        foreach ($edges as $edge) {
            [$a, $b] = [$edge->from->x - $x, $edge->to->x - $x];
            if (($a < 0.0) !== ($b < 0.0)) {
                $at[] = $edge->from->y + ($edge->to->y - $edge->from->y) * $a / ($a - $b);
            }
        }

        return $at === [] ? null : [min($at), max($at)];
    }

    private static function isAtWall(PlacedFixture $one, Point $back): bool
    {
        $met = $one->plan->mass->obstructions()->sweep(new Sweep($back, $one->frame->yAxis->times(-1.0), -1.0, 1.0));

        return $met !== null && $met->distance < self::AT_WALL;
    }
}
