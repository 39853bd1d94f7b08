<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
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
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.to_window',
    AnswerType::Length,
    'Along the wall that it hangs or stands at to the nearest window at its height; 0 where some of it is before one.',
)]
final class ToWindow extends SubjectMeasure
{
    /** A wall in line with its back is no farther from it, mm. */
    private const AT_WALL = 150.0;

    /** What is farther is not beside it, mm. */
    private const BESIDE = 1000.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->fixture->width === null || $subject->bounds === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $half = $subject->fixture->width / 2;
        $nearest = null;
        foreach ($home->openingsNear($subject->storey(), $subject->bounds->grown(self::BESIDE)) as $window) {
            [$from, $to] = [$subject->frame->fromPlan($window->span()->from), $subject->frame->fromPlan($window->span()->to)];
            $isAtWall = $window->type() === SubjectType::Window && $window->roof === null
                && max(abs($from->y), abs($to->y)) <= self::AT_WALL + $window->wall->thickness + Tolerance::TOUCH;
            if (!$isAtWall) {
                continue;
            }
            $missing = self::missing($subject, $window);
            if ($missing !== []) {
                return new Unknown($missing);
            }
            $away = max(min($from->x, $to->x) - $half, -$half - max($from->x, $to->x));
            $isAtHeight = ($window->sill() ?? 0.0) < ($subject->top() ?? 0.0) && ($window->head() ?? 0.0) > $subject->base();
            $nearest = $isAtHeight && $away <= self::BESIDE + Tolerance::TOUCH && ($nearest === null || $away < $nearest[0])
                ? [$away, $window, $from, $to]
                : $nearest;
        }

        return $nearest === null
            ? new NotApplicable(Message::of('fixture.to_window.no_window_beside_it'))
            : self::measured($subject, $half, ...$nearest);
    }

    private static function measured(PlacedFixture $unit, float $half, float $away, PlacedOpening $window, Point $from, Point $to): Measured
    {
        $isRight = $from->x + $to->x > 0.0;
        $edge = $isRight ? min($from->x, $to->x) : max($from->x, $to->x);
        $line = new Segment(
            $unit->frame->toPlan(new Point($isRight ? $half : -$half, 0.0)),
            $unit->frame->toPlan(new Point($edge, 0.0)),
        );

        return new Measured(
            Amount::length(max(0.0, $away)),
            [Witness::dimension($unit->storey(), $line, Amount::length(abs($away)))],
            [$away < 0.0
                ? Message::of('fixture.to_window.before', other: $window->name())
                : Message::of('fixture.to_kind.to', other: $window->name())],
            parties: [$window->id()],
        );
    }

    /** @return list<string> */
    private static function missing(PlacedFixture $unit, PlacedOpening $window): array
    {
        return [
            ...$unit->missingForTop(),
            ...$window->sill() === null ? [$window->sillKey()] : [],
            ...$window->head() === null ? ["{$window->id()}.height"] : [],
        ];
    }
}
