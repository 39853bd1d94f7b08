<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
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
    'fixture.overhang',
    AnswerType::Length,
    'How far a worktop reaches over the fronts of the base units under it.',
)]
final class WorktopOverhang extends SubjectMeasure
{
    private const UNDER = [FixtureKind::BaseCabinet, FixtureKind::Filler];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->fixture->kind !== FixtureKind::Counter) {
            return new NotApplicable(Message::of('fixture.overhang.it_is_no_worktop'));
        }
        if ($subject->outline === null || $subject->bounds === null) {
            return new Unknown(["{$subject->id()}.".($subject->fixture->width === null ? 'width' : 'depth')]);
        }
        $farthest = static fn(PlacedFixture $one): float => max([
            -INF,
            ...array_map(static fn(Point $corner): float => $subject->frame->fromPlan($corner)->y, $one->outline->points ?? []),
        ]);
        $out = null;
        foreach ($home->fixturesNear($subject->storey(), $subject->bounds) as $other) {
            $isUnder = in_array($other->fixture->kind, self::UNDER, true) && $other->overlaps($subject)
                && $other->base() < $subject->base() && $other->frame->yAxis->dot($subject->frame->yAxis) > 0.999;
            $out = $isUnder && ($out === null || $farthest($other) > $out[0]) ? [$farthest($other), $other] : $out;
        }
        if ($out === null) {
            return new NotApplicable(Message::of('fixture.overhang.nothing_under_it'));
        }
        $over = $farthest($subject) - $out[0];
        $at = $subject->frame->fromPlan($out[1]->fixture->at)->x;
        $line = new Segment($subject->frame->toPlan(new Point($at, $out[0])), $subject->frame->toPlan(new Point($at, $out[0] + $over)));

        return new Measured(
            Amount::length($over),
            [Witness::dimension($subject->storey(), $line, Amount::length($over))],
            [Message::of('fixture.overhang.over', under: $out[1]->name())],
            parties: [$out[1]->id()],
        );
    }
}
