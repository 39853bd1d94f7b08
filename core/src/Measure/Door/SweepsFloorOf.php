<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\Box;
use Heurema\Geometry\Overlap;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\ClearFloor;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.sweeps_floor_of',
    AnswerType::Count,
    'How many sanitary fixtures there are whose clear floor, `width` by `depth` before the middle of '
    .'their front, the leaf sweeps by 10 cm² or more.',
    with: ['width' => AnswerType::Length, 'depth' => AnswerType::Length],
)]
final class SweepsFloorOf extends SubjectMeasure
{
    private const SANITARY = [
        FixtureKind::WaterCloset, FixtureKind::Lavatory, FixtureKind::Bath, FixtureKind::Shower, FixtureKind::ShowerBath,
        FixtureKind::Bidet, FixtureKind::Urinal,
    ];
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $leaves = $home->leavesOf($subject);
        if ($leaves === []) {
            return (new BlockedBy())->of($subject, $home, new Parameters());
        }
        $names = [];
        [$width, $depth] = [$with->number('width') ?? 762.0, $with->number('depth') ?? 1219.2];
        $around = Box::around(array_merge(...array_map(
            static fn(DoorLeaf $leaf): array => $leaf->sector->points,
            $leaves,
        )))->grown($width + $depth);
        foreach ($home->fixturesNear($subject->storey(), $around) as $fixture) {
            if (!in_array($fixture->fixture->kind, self::SANITARY, true) || $fixture->fixture->depth === null) {
                continue;
            }
            $floor = ClearFloor::before($fixture, $width, $depth);
            foreach ($leaves as $leaf) {
                if (Overlap::isWiderThan(Tolerance::GRAZE, new Polygon($floor->counterClockwise()), $leaf->sector)) {
                    $names[$fixture->id()] = $fixture->name();
                }
            }
        }

        return new Measured(
            Amount::count(count($names)),
            array_map(static fn(DoorLeaf $leaf): Witness => Witness::outline($subject->storey(), $leaf->sector), $leaves),
            [
                $names === []
                    ? Message::of('door.sweeps_floor_of.it_sweeps_no_fixtures')
                    : Message::of('door.sweeps_floor_of.it_sweeps_floor_before', names: $names),
            ],
            parties: array_map(strval(...), array_keys($names)),
        );
    }
}
