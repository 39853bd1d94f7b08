<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Tolerance;
use Heurema\Geometry\Vertices;
use Heurema\Layout\Words\DoorOperation;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.blocked_by',
    AnswerType::Count,
    'How many walls and fixtures stand where the door’s leaf has to swing, by more than a hairline.',
)]
final class BlockedBy extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $leaves = $home->leavesOf($subject);
        if ($leaves === []) {
            return $this->withoutLeaf($subject);
        }
        $witness = array_map(static fn(DoorLeaf $leaf): Witness => Witness::outline($subject->storey(), $leaf->sector), $leaves);
        $names = [];
        foreach ($leaves as $leaf) {
            $names += $this->inTheWay($leaf, $subject, $home);
        }
        $parties = array_map(strval(...), array_keys($names));
        $names = array_values(array_unique($names));

        return new Measured(
            Amount::count(count($names)),
            $witness,
            [
                $names === []
                    ? Message::of('door.blocked_by.nothing_stands_where_leaf')
                    : Message::of('door.blocked_by.where_leaf_swings', names: $names),
            ],
            parties: $parties,
        );
    }

    private function withoutLeaf(PlacedOpening $door): Measurement
    {
        $details = $door->opening->door;
        $swings = in_array($details?->operation, [DoorOperation::Hinged, DoorOperation::DoubleHinged], true);
        if (!$swings) {
            return new NotApplicable(Message::of('door.blocked_by.no_leaf_swings_here'));
        }

        return new Unknown([
            ...($door->opening->width === null ? ["{$door->id()}.width"] : []),
            ...($details->opens === null ? ["{$door->id()}.opens"] : []),
            ...($details->hinge === null && $details->operation === DoorOperation::Hinged ? ["{$door->id()}.hinge"] : []),
        ]);
    }

    /** @return array<string, string> names by id */
    private function inTheWay(DoorLeaf $leaf, PlacedOpening $door, Home $home): array
    {
        $sector = $leaf->sector;
        $names = [];
        foreach ($door->plan->mass->in($sector, $sector, Vertices::SNAP) as $part) {
            if ($part->thickness() > Tolerance::GRAZE) {
                $names['wall'] = 'a wall';
            }
        }
        foreach ($home->fixturesNear($door->storey(), $leaf->bounds) as $fixture) {
            if (
                $fixture->outline !== null
                && $fixture->takesFloor
                && Overlap::isWiderThan(Tolerance::GRAZE, new Polygon($fixture->outline->counterClockwise()), $sector)
            ) {
                $names[$fixture->id()] = $fixture->name();
            }
        }

        return $names;
    }
}
