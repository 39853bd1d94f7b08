<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\HingeSide;
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
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.leaf_width',
    AnswerType::Length,
    'How wide a door leaf of a cabinet is: as was said of what its door sweeps, else the width of the cabinet, or the half of it where it '
    .'is said to have two leaves, or nothing is said and it is wider than 610 mm.',
)]
final class LeafWidth extends SubjectMeasure
{
    /** A wider cabinet has two leaves, mm: 24 in (common practice, no source). */
    private const TWO = 610.0;

    private const CABINETS = [FixtureKind::BaseCabinet, FixtureKind::WallCabinet, FixtureKind::TallCabinet];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        [$width, $swing] = [$subject->fixture->width, $subject->fixture->doorSwing];
        if (!in_array($subject->fixture->kind, self::CABINETS, true)) {
            return new NotApplicable(Message::of('fixture.leaf_width.it_is_no_cabinet'));
        }

        return match (true) {
            $swing !== null => new Measured(Amount::length($swing), [], [Message::of('fixture.leaf_width.as_it_sweeps')]),
            $width === null => new Unknown(["{$subject->id()}.width"]),
            self::hasTwo($subject, $width) => new Measured(Amount::length($width / 2), [], [Message::of('fixture.leaf_width.two_leaves')]),
            default => new Measured(Amount::length($width), [], [Message::of('fixture.leaf_width.one_leaf')]),
        };
    }

    private static function hasTwo(PlacedFixture $one, float $width): bool
    {
        return $one->fixture->hinge === null ? $width > self::TWO : $one->fixture->hinge === HingeSide::Both;
    }
}
