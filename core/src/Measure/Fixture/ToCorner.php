<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

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
use Heurema\Spatial\Run\Runs;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.to_corner',
    AnswerType::Length,
    'From the fixture’s side edge along its run to the fronts of the leg that stands at a right angle to it, at the nearer inner corner.',
)]
final class ToCorner extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->outline === null) {
            return new Unknown(["{$subject->id()}.".($subject->fixture->width === null ? 'width' : 'depth')]);
        }
        $run = Runs::with($subject, $home);
        [$left, $right] = $run?->toCorners($subject) ?? [INF, INF];
        $nearer = min($left, $right);
        $stretch = $run?->stretch($subject);
        if ($run === null || $stretch === null || $nearer === INF) {
            return new NotApplicable(Message::of('fixture.to_corner.no_corner'));
        }
        $lines = $left <= $right ? $run->lines($stretch[0] - $nearer, $stretch[0]) : $run->lines($stretch[1], $stretch[1] + $nearer);

        return new Measured(
            Amount::length($nearer),
            array_map(static fn($line): Witness => Witness::dimension($subject->storey(), $line, Amount::length($line->length())), $lines),
        );
    }
}
