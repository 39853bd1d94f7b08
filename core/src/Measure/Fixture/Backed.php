<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Tolerance;
use Heurema\Layout\Wall;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Subject\Subject;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.backed',
    AnswerType::YesNo,
    'Whether the wall behind it is made to hold it, over its whole width and from its underside to its top.',
)]
final class Backed extends SubjectMeasure
{
    /** What is farther off a wall, mm, does not hang on it. */
    private const OFF = 60.0;

    /** Lengths that agree, mm. */
    private const SLACK = 0.5;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $walls = self::wallsBehind($subject);
        if ($walls === []) {
            return new NotApplicable(Message::of('fixture.backed.no_wall_is_behind'));
        }
        $isSaid = array_filter($walls, static fn(Wall $wall): bool => $wall->backing !== []) !== [];
        $missing = [
            ...($isSaid ? [] : ["{$walls[0]->id}.backing"]),
            ...($subject->fixture->width === null ? ["{$subject->id()}.width"] : []),
            ...$subject->missingForTop(),
        ];
        if ($missing !== []) {
            return new Unknown($missing);
        }
        $isBacked = self::isCovered($subject, self::stretches($subject, $walls));

        return new Measured(
            $isBacked,
            [],
            [$isBacked ? Message::of('fixture.backed.wall_holds_it') : Message::of('fixture.backed.backing_does_not_reach')],
        );
    }

    /** @return list<Wall> those in whose faces its back is, over some of its width */
    private static function wallsBehind(PlacedFixture $fixture): array
    {
        $half = ($fixture->fixture->width ?? 0.0) / 2;

        return array_values(array_filter($fixture->plan->storey->standingWalls(), static function (Wall $wall) use ($fixture, $half): bool {
            $line = $wall->line();
            $along = $line->along($fixture->fixture->at);
            $off = abs($line->leftOf($fixture->fixture->at)) - $wall->thickness / 2;

            return !$wall->isOpenBoundary()
                && abs($line->direction()->dot($fixture->frame->yAxis)) < 0.01
                && $along >= -$half
                && $along <= $line->length() + $half
                && abs($off) <= self::OFF + Tolerance::TOUCH;
        }));
    }

    /**
     * Where the walls hold something as high as it is, across its width.
     *
     * @param list<Wall> $walls
     *
     * @return list<array{float, float}> from left to right
     */
    private static function stretches(PlacedFixture $fixture, array $walls): array
    {
        $stretches = [];
        foreach ($walls as $wall) {
            foreach ($wall->backing as $backing) {
                $ends = array_map(
                    static fn(float $at): float => $fixture->frame->fromPlan($wall->line()->at($at))->x,
                    [$backing->from, $backing->to],
                );
                if ($backing->bottom <= $fixture->base() + self::SLACK && $backing->top >= ($fixture->top() ?? INF) - self::SLACK) {
                    $stretches[] = [min($ends), max($ends)];
                }
            }
        }
        usort($stretches, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $stretches;
    }

    /** @param list<array{float, float}> $stretches */
    private static function isCovered(PlacedFixture $fixture, array $stretches): bool
    {
        $half = ($fixture->fixture->width ?? 0.0) / 2;
        $reached = -$half;
        foreach ($stretches as [$from, $to]) {
            $reached = $from <= $reached + self::SLACK ? max($reached, $to) : $reached;
        }

        return $reached >= $half - self::SLACK;
    }
}
