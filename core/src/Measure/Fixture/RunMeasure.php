<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Segment;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\Measurement;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\Runs;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * Measured along the run that a fixture stands in.
 *
 * @extends SubjectMeasure<PlacedFixture>
 */
abstract class RunMeasure extends SubjectMeasure
{
    /** @var list<FixtureKind>|null of what it is measured; null: of all that stand in runs */
    protected const KINDS = null;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if (static::KINDS !== null && !in_array($subject->fixture->kind, static::KINDS, true)) {
            return new NotApplicable(Message::of('fixture.odd_gap.it_is_no_unit'));
        }
        if ($subject->outline === null) {
            return new Unknown(["{$subject->id()}.".($subject->fixture->width === null ? 'width' : 'depth')]);
        }
        $run = Runs::with($subject, $home);
        $at = $run?->stretch($subject);

        return $run === null || $at === null
            ? new NotApplicable(Message::of('fixture.landing.it_stands_in_no_run'))
            : $this->measureIn($run, $at, $subject, $home, $with);
    }

    /** @param array{float, float} $at where the fixture begins and ends along the run */
    abstract protected function measureIn(Run $run, array $at, PlacedFixture $one, Home $home, Parameters $with): Measurement;

    /**
     * The other fixtures of the run that are of some kinds, with where they begin and end along it.
     *
     * @param list<FixtureKind> $kinds
     *
     * @return list<array{PlacedFixture, array{float, float}}>
     */
    protected static function others(Run $run, PlacedFixture $one, array $kinds): array
    {
        $others = [];
        foreach ($run->units() as $other) {
            $there = $other !== $one && in_array($other->fixture->kind, $kinds, true) ? $run->stretch($other) : null;
            $others = [...$others, ...$there === null ? [] : [[$other, $there]]];
        }

        return $others;
    }

    /** @return list<Witness> the fronts from one place along the run to another */
    protected static function along(Run $run, float $from, float $to, string $storey): array
    {
        return array_map(
            static fn(Segment $line): Witness => Witness::dimension($storey, $line, Amount::length($line->length())),
            $run->lines($from, $to),
        );
    }
}
