<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Tolerance;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Stair\Climb;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Stair\Step;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.door_over',
    AnswerType::Count,
    'How many doors swing over its steps: those of the storey at its foot over low ones, those of the '
    .'storey at its head over what the opening there shows.',
)]
final class DoorOver extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $climb = Climb::of($subject);
        if (!$climb instanceof Climb) {
            return new Unknown($climb);
        }
        $low = array_filter($subject->shape->steps, static fn(Step $step): bool => $climb->level($step) < self::LOW - Tolerance::TOUCH);
        $doors = $subject->from === null
            ? []
            : self::sweeping($home->openingsOn($subject->from->id), array_map(static fn(Step $step): Ring => $step->outline, $low));
        foreach ($subject->to->voids as $void) {
            $shown = array_map(
                static fn(Step $step): array => Overlap::parts(new Polygon($void->outline->counterClockwise()), $step->outline),
                $subject->shape->steps,
            );
            array_push(
                $doors,
                ...self::sweeping(
                    $home->openingsOn($subject->to->id),
                    array_map(static fn(Polygon $part): Ring => $part->outer, array_merge(...$shown)),
                ),
            );
        }
        $names = array_values(array_unique(array_map(static fn(PlacedOpening $door): string => $door->name(), $doors)));

        return new Measured(
            Amount::count(count($names)),
            array_map(static fn(PlacedOpening $door): Witness => Witness::mark($door->storey(), $door->middle(), $door->name()), $doors),
            [
                $names === []
                    ? Message::of('stair.door_over.no_door_swings_over')
                    : Message::of('stair.door_over.over_it_swing', names: $names),
            ],
            parties: array_map(static fn(PlacedOpening $door): string => $door->id(), $doors),
        );
    }

    /**
     * @param list<PlacedOpening> $doors
     * @param array<Ring>         $rings
     *
     * @return list<PlacedOpening>
     */
    private static function sweeping(array $doors, array $rings): array
    {
        return array_values(array_filter($doors, static function (PlacedOpening $door) use ($rings): bool {
            foreach (DoorLeaf::of($door) as $leaf) {
                $sector = new Polygon($leaf->sector->counterClockwise());
                foreach ($rings as $ring) {
                    if (Overlap::isWiderThan(Tolerance::GRAZE, $sector, $ring)) {
                        return true;
                    }
                }
            }

            return false;
        }));
    }

    /** A leaf stands in the way of steps below this, mm above the floor. */
    private const LOW = 2000.0;
}
