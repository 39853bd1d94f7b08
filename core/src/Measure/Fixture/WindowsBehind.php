<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
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
    'fixture.windows_behind',
    AnswerType::Count,
    'How many windows there are in the wall right behind the fixture, over some of its width.',
)]
final class WindowsBehind extends SubjectMeasure
{
    private const NEAR = 150.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $width = $subject->fixture->width;
        if ($width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $frame = $subject->frame;
        $behind = Ring::rectangle(
            $frame->toPlan(new Point(-$width / 2, 0)),
            $frame->xAxis->times($width),
            $frame->yAxis->times(-self::NEAR),
        );
        $found = [];
        foreach ($subject->room === null ? [] : $home->openingsOf($subject->room) as $opening) {
            $isHere = $opening->type() === SubjectType::Window && $opening->roof === null;
            $face = $isHere
                ? $opening->spanAt(($opening->left->room === $subject->room ? 1 : -1) * ($opening->wall->thickness / 2 - 1))
                : null;
            if (
                $face !== null
                && array_filter(
                    [0.1, 0.3, 0.5, 0.7, 0.9],
                    static fn(float $share): bool => $behind->contains($face->at($share * $face->length())),
                ) !== []
            ) {
                $found[] = $opening;
            }
        }
        $names = implode(', ', array_map(static fn(PlacedOpening $window): string => $window->spoken(), $found));

        return new Measured(
            Amount::count(count($found)),
            array_map(
                static fn(PlacedOpening $window): Witness => Witness::mark($window->storey(), $window->middle(), $window->name()),
                $found,
            ),
            [
                $found === []
                    ? Message::of('fixture.windows_behind.no_window_is_behind')
                    : Message::of('fixture.windows_behind.behind_it', names: $names),
            ],
            parties: array_map(static fn(PlacedOpening $window): string => $window->id(), $found),
        );
    }
}
