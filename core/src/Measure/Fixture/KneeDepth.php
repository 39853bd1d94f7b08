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
use Heurema\Spatial\Seating;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.knee_depth',
    AnswerType::Length,
    'From the side of a table, counter or island that chairs stand at in to the units under it: room for knees; the least of its sides. '
    .'Where nothing stands under it, all of its depth; of an island whose units are not drawn, and of a worktop of which that is said, how '
    .'far it was said to reach over them.',
)]
final class KneeDepth extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $least = null;
        foreach (Seating::at($subject, $home) ?? [] as $seating) {
            $overhang = $subject->fixture->overhang;
            $line = $seating->toUnits() ?? ($overhang === null ? null : self::inwards($seating, $overhang));
            if ($line === null && $subject->fixture->kind === FixtureKind::Island) {
                return new Unknown(["{$subject->id()}.overhang"]);
            }
            $line ??= self::across($seating);
            $least = $least === null || $line->length() < $least->length() ? $line : $least;
        }

        return $least === null
            ? new NotApplicable(Message::of('fixture.seat_width.nobody_sits_at_it'))
            : new Measured(
                Amount::length($least->length()),
                [Witness::dimension($subject->storey(), $least, Amount::length($least->length()))],
            );
    }

    /** From the side to the opposite one. */
    private static function across(Seating $seating): Segment
    {
        return self::inwards($seating, max([0.0, ...array_map($seating->edge->leftOf(...), $seating->table->outline->points ?? [])]));
    }

    private static function inwards(Seating $seating, float $deep): Segment
    {
        return new Segment(
            $seating->edge->middle(),
            $seating->edge->middle()->plus($seating->edge->direction()->left()->times($deep)),
        );
    }
}
