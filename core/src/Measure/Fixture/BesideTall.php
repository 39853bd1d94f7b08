<?php

declare(strict_types=1);

namespace Heurema\Measure\Fixture;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
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
    'fixture.beside_tall',
    AnswerType::Length,
    'From the side of a cooktop or range, along its back, to the nearest side of a tall unit or side of a wall unit that hangs lower than '
    .'`below` over what is cooked on; what stands farther than 1 m away does not count, nor what hangs right over it.',
    with: ['below' => AnswerType::Length],
)]
final class BesideTall extends SubjectMeasure
{
    private const COOKED_ON = [FixtureKind::Cooktop, FixtureKind::Range];
    private const NEAR = 1000.0;

    /** What reaches over it by less only touches, mm. */
    private const TOUCH = 1.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if (!in_array($subject->fixture->kind, self::COOKED_ON, true)) {
            return new NotApplicable(Message::of('fixture.beside_tall.not_cooked_on'));
        }
        [$width, $depth] = [$subject->fixture->width, $subject->fixture->depth];
        if ($width === null || $depth === null || $subject->bounds === null) {
            return new Unknown(["{$subject->id()}.".($width === null ? 'width' : 'depth')]);
        }
        [$nearest, $missing] = [null, []];
        foreach ($home->fixturesNear($subject->storey(), $subject->bounds->grown(self::NEAR + Tolerance::TOUCH)) as $other) {
            $line = $other->room === $subject->room ? self::away($subject, $other, $width / 2, $depth) : null;
            if ($line === null) {
                continue;
            }
            $isLow = self::isLow($subject, $other, $with->number('below') ?? 0.0);
            $missing = $isLow === null ? [...$missing, ...self::missing($subject, $other)] : $missing;
            $nearest = $isLow === true && ($nearest === null || $line->length() < $nearest[0]->length()) ? [$line, $other] : $nearest;
        }

        return match (true) {
            $missing !== [] => new Unknown(array_values(array_unique($missing))),
            $nearest === null => new NotApplicable(Message::of('fixture.beside_tall.none_beside_it')),
            default => new Measured(
                Amount::length($nearest[0]->length()),
                [Witness::dimension($subject->storey(), $nearest[0], Amount::length($nearest[0]->length()))],
                [Message::of('fixture.to_kind.to', other: $nearest[1]->name())],
                parties: [$nearest[1]->id()],
            ),
        };
    }

    /** Straight sideways to what stands or hangs beside it; null: it does not, or lies over it. */
    private static function away(PlacedFixture $one, PlacedFixture $other, float $half, float $depth): ?Segment
    {
        $box = $other->outline === null ? null : Box::around(array_map($one->frame->fromPlan(...), $other->outline->points));
        if ($box === null || min($depth, $box->top) - max(0.0, $box->bottom) < self::TOUCH) {
            return null;
        }
        [$atRight, $atLeft] = [$box->left - $half, -$half - $box->right];
        if (max($atRight, $atLeft) < -self::TOUCH || max($atRight, $atLeft) > self::NEAR + Tolerance::TOUCH) {
            return null;
        }
        $y = min(max($box->bottom, $depth / 2), $box->top);
        [$from, $to] = $atRight >= $atLeft ? [$half, $box->left] : [-$half, $box->right];

        return new Segment($one->frame->toPlan(new Point($from, $y)), $one->frame->toPlan(new Point($to, $y)));
    }

    /** Can it catch fire beside what is cooked on? Null: nobody said how high one of them is. */
    private static function isLow(PlacedFixture $one, PlacedFixture $other, float $below): ?bool
    {
        if ($other->fixture->kind !== FixtureKind::WallCabinet) {
            return $other->fixture->kind === FixtureKind::TallCabinet;
        }
        $base = $other->knownBase();

        return $base === null || $one->top() === null ? null : $base - $one->top() < $below;
    }

    /** @return list<string> */
    private static function missing(PlacedFixture $one, PlacedFixture $other): array
    {
        return [...$one->missingForTop(), ...$other->knownBase() === null ? ["{$other->id()}.base"] : []];
    }
}
