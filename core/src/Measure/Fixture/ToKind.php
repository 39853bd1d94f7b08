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
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedFixture> */
#[Measures(
    'fixture.to_kind',
    AnswerType::Length,
    'From the outline of the fixture to the nearest one of a `kind` in the same room.',
    with: ['kind' => AnswerType::Word],
)]
final class ToKind extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->outline === null) {
            return new Unknown(["{$subject->id()}.".($subject->fixture->width === null ? 'width' : 'depth')]);
        }
        $kind = FixtureKind::tryFrom($with->word('kind') ?? '');
        $nearest = null;
        foreach ($home->fixturesOn($subject->storey()) as $other) {
            if ($other === $subject || $other->fixture->kind !== $kind || $other->room !== $subject->room || $other->outline === null) {
                continue;
            }
            $line = self::shortest($subject, $other);
            $nearest = $nearest === null || $line->length() < $nearest[0]->length() ? [$line, $other] : $nearest;
        }
        if ($nearest === null) {
            return new NotApplicable(Message::of('fixture.to_kind.there_is_none'));
        }

        return new Measured(
            Amount::length($nearest[0]->length()),
            [Witness::dimension($subject->storey(), $nearest[0], Amount::length($nearest[0]->length()))],
            [Message::of('fixture.to_kind.to', other: $nearest[1]->name())],
            parties: [$nearest[1]->id()],
        );
    }

    private static function shortest(PlacedFixture $one, PlacedFixture $other): Segment
    {
        $shortest = null;
        foreach ($one->outline?->edges() ?? [] as $edge) {
            foreach ($other->outline?->edges() ?? [] as $beyond) {
                $line = $edge->shortestTo($beyond);
                $shortest = $shortest === null || $line->length() < $shortest->length() ? $line : $shortest;
            }
        }

        return $shortest ?? throw new \LogicException('An outline without sides.');
    }
}
