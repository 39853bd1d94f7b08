<?php

declare(strict_types=1);

namespace Heurema\Measure\Window;

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
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'window.to_bath',
    AnswerType::Length,
    'From the glass, level, to the nearest edge of a bath or shower in a room that the window is in.',
)]
final class ToBath extends SubjectMeasure
{
    private const WET = [FixtureKind::Bath, FixtureKind::Shower, FixtureKind::ShowerBath];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->opening->width === null) {
            return new Unknown(["{$subject->id()}.width"]);
        }
        $nearest = null;
        foreach (array_merge(...array_map($home->fixturesIn(...), GlassEdges::rooms($subject))) as $fixture) {
            if ($fixture->room === null || !in_array($fixture->fixture->kind, self::WET, true)) {
                continue;
            }
            $line = GlassEdges::nearest($subject, $fixture->room, $fixture->outline?->edges() ?? []);
            $nearest = $line !== null && ($nearest === null || $line->length() < $nearest->length()) ? $line : $nearest;
        }

        return $nearest === null
            ? new NotApplicable(Message::of('window.to_bath.no_bath_or_shower'))
            : new Measured(
                Amount::length($nearest->length()),
                [Witness::dimension($subject->storey(), $nearest, Amount::length($nearest->length()))],
                [Message::of('window.to_bath.from_glass_to_waters', nearest: Amount::length($nearest->length()))],
            );
    }
}
