<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.to_water_closet',
    AnswerType::Length,
    'From the nearest part of the doorway to the nearest water closet in a room it opens into.',
)]
final class ToWaterCloset extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $nearest = null;
        foreach (array_merge(...array_map(
            $home->fixturesIn(...),
            array_values(array_filter([$subject->left->room, $subject->right->room])),
        )) as $fixture) {
            if ($fixture->fixture->kind !== FixtureKind::WaterCloset || $fixture->room === null) {
                continue;
            }
            $side = $subject->left->isRoom($fixture->room) ? 1 : -1;
            $doorway = $subject->spanAt($side * $subject->wall->thickness / 2);
            foreach ($fixture->outline?->edges() ?? [] as $edge) {
                $line = $doorway->shortestTo($edge);
                $nearest = $nearest === null || $line->length() < $nearest->length() ? $line : $nearest;
            }
        }

        return $nearest === null
            ? new NotApplicable(Message::of('door.to_water_closet.no_water_closet_stands'))
            : new Measured(
                Amount::length($nearest->length()),
                [Witness::dimension($subject->storey(), $nearest, Amount::length($nearest->length()))],
                [Message::of('door.to_water_closet.from_doorway_to_pan', nearest: Amount::length($nearest->length()))],
            );
    }
}
