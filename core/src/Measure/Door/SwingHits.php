<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

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
use Heurema\Measure\Witness;
use Heurema\Spatial\DoorLeaf;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedOpening> */
#[Measures(
    'door.swing_hits',
    AnswerType::Count,
    'How many fixtures, other doors’ leaves and stairs the leaf meets as it swings, by 10 cm² or more.',
)]
final class SwingHits extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $leaves = $home->leavesOf($subject);
        if ($leaves === []) {
            return (new BlockedBy())->of($subject, $home, $with);
        }
        $names = [];
        foreach ($leaves as $leaf) {
            $names += $this->met($leaf->sector, $subject, $home);
        }
        $parties = array_map(strval(...), array_keys($names));
        $names = array_values(array_unique($names));

        return new Measured(
            Amount::count(count($names)),
            array_map(static fn(DoorLeaf $leaf): Witness => Witness::outline($subject->storey(), $leaf->sector), $leaves),
            [
                $names === []
                    ? Message::of('door.swing_hits.nothing_is_in_way')
                    : Message::of('door.swing_hits.in_way_of_leaf', names: $names),
            ],
            parties: $parties,
        );
    }

    /** @return array<string, string> names by id */
    private function met(Ring $sector, PlacedOpening $door, Home $home): array
    {
        $bounds = $sector->bounds();
        $meets = static fn(Ring $other): bool => Overlap::isWiderThan(Tolerance::GRAZE, new Polygon($other->counterClockwise()), $sector);
        $names = [];
        foreach ($home->fixturesNear($door->storey(), $bounds) as $fixture) {
            if ($fixture->outline !== null && $fixture->takesFloor && $meets($fixture->outline)) {
                $names[$fixture->id()] = $fixture->name();
            }
        }
        foreach ($home->leavesNear($door->storey(), $bounds) as [$other, $leaf]) {
            if ($other !== $door && $meets($leaf->sector)) {
                $names[$other->id()] = $other->name();
            }
        }
        foreach ($home->stairs as $stair) {
            $shape = $stair->storey() === $door->storey() ? $stair->shape : null;
            if ($shape !== null && array_filter([...$shape->treads(), ...$shape->landings()], $meets) !== []) {
                $names[$stair->id()] = $stair->name();
            }
        }

        return $names;
    }
}
