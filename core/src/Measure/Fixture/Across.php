<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

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
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\RunLeg;
use Heurema\Spatial\Run\Runs;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.across',
    AnswerType::Length,
    'From the front of the fixture straight out to the nearest worktop of another run or another leg that faces it.',
)]
final class Across extends SubjectMeasure
{
    private const TOPS = [FixtureKind::Counter, FixtureKind::BaseCabinet, FixtureKind::Island];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->outline === null) {
            return new Unknown(["{$subject->id()}.".($subject->fixture->width === null ? 'width' : 'depth')]);
        }
        $sides = [];
        foreach ($subject->room === null ? [] : Runs::of($subject->room, $home) as $run) {
            array_push($sides, ...self::worktops($run, $subject));
        }
        $line = (new RunLeg([$subject]))->across($sides);

        return $line === null
            ? new NotApplicable(Message::of('fixture.across.no_worktop_faces_it'))
            : new Measured(
                Amount::length($line->length()),
                [Witness::dimension($subject->storey(), $line, Amount::length($line->length()))],
            );
    }

    /** @return list<Segment> sides of worktops that it does not stand beside */
    private static function worktops(Run $run, PlacedFixture $subject): array
    {
        $sides = [];
        foreach ($run->legs as $leg) {
            foreach (in_array($subject, $leg->units, true) ? [] : $leg->units as $unit) {
                array_push($sides, ...in_array($unit->fixture->kind, self::TOPS, true) ? $unit->outline?->edges() ?? [] : []);
            }
        }

        return $sides;
    }
}
