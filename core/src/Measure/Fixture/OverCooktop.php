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
    'fixture.over_cooktop',
    AnswerType::Length,
    'How a hood hangs over the cooktop or range under it. `of`: `narrower`, by how much it is narrower, or where nothing is said; '
    .'`centre`, how far their centre lines are apart.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['narrower', 'centre']],
)]
final class OverCooktop extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->fixture->kind !== FixtureKind::Hood) {
            return new NotApplicable(Message::of('fixture.over_cooktop.it_is_no_hood'));
        }
        if ($subject->outline === null || $subject->bounds === null) {
            return new Unknown(["{$subject->id()}.".($subject->fixture->width === null ? 'width' : 'depth')]);
        }
        foreach ($home->fixturesNear($subject->storey(), $subject->bounds) as $under) {
            $isCooked = in_array($under->fixture->kind, [FixtureKind::Cooktop, FixtureKind::Range], true);
            if ($isCooked && $under->overlaps($subject)) {
                return self::over($subject, $under, $with->word('of') === 'centre');
            }
        }

        return new NotApplicable(Message::of('fixture.over_cooktop.nothing_under_it'));
    }

    private static function over(PlacedFixture $hood, PlacedFixture $under, bool $isCentre): Measurement
    {
        $apart = $under->frame->fromPlan($hood->fixture->at)->x;
        $amount = $isCentre ? abs($apart) : max(0.0, ($under->fixture->width ?? 0.0) - ($hood->fixture->width ?? 0.0));
        $front = $under->fixture->depth ?? 0.0;
        $line = new Segment($under->frame->toPlan(new Point(0.0, $front)), $under->frame->toPlan(new Point($apart, $front)));

        return new Measured(
            Amount::length($amount),
            [Witness::dimension($hood->storey(), $isCentre && $amount > 1.0 ? $line : self::widthOf($hood), Amount::length($amount))],
            [Message::of('fixture.over_cooktop.over', under: $under->name())],
            parties: [$under->id()],
        );
    }

    private static function widthOf(PlacedFixture $hood): Segment
    {
        [$half, $front] = [($hood->fixture->width ?? 0.0) / 2, $hood->fixture->depth ?? 0.0];

        return new Segment($hood->frame->toPlan(new Point(-$half, $front)), $hood->frame->toPlan(new Point($half, $front)));
    }
}
