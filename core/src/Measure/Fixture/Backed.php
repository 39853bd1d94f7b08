<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Layout\Backing;
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
        $wall = self::wallBehind($subject);
        if ($wall === null) {
            return new NotApplicable(Message::of('fixture.backed.no_wall_is_behind'));
        }
        $missing = [
            ...($wall->backing === [] ? ["{$wall->id}.backing"] : []),
            ...($subject->fixture->width === null ? ["{$subject->id()}.width"] : []),
            ...$subject->missingForTop(),
        ];
        if ($missing !== []) {
            return new Unknown($missing);
        }
        $middle = $wall->line()->along($subject->fixture->at);
        $half = ($subject->fixture->width ?? 0.0) / 2;
        $holds = static fn(Backing $backing): bool => $backing->from <= $middle - $half + self::SLACK
            && $backing->to >= $middle + $half - self::SLACK
            && $backing->bottom <= $subject->base() + self::SLACK
            && $backing->top >= ($subject->top() ?? INF) - self::SLACK;
        $isBacked = array_filter($wall->backing, $holds) !== [];

        return new Measured(
            $isBacked,
            [],
            [$isBacked ? Message::of('fixture.backed.wall_holds_it') : Message::of('fixture.backed.backing_does_not_reach')],
        );
    }

    private static function wallBehind(PlacedFixture $fixture): ?Wall
    {
        foreach ($fixture->plan->storey->standingWalls() as $wall) {
            $line = $wall->line();
            $along = $line->along($fixture->fixture->at);
            $isAlong = abs($line->direction()->dot($fixture->frame->yAxis)) < 0.01;
            $off = abs($line->leftOf($fixture->fixture->at)) - $wall->thickness / 2;
            if (!$wall->isDivider() && $isAlong && $along >= 0.0 && $along <= $line->length() && abs($off) <= self::OFF) {
                return $wall;
            }
        }

        return null;
    }
}
