<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\Runs;
use Heurema\Units\Amount;

#[Measures(
    'room.worked_base',
    AnswerType::Count,
    'How many sinks, cooktops and ranges stand at the base of a U of units: along its middle side.',
)]
final class WorkedBase extends OutlineMeasure
{
    private const WORKED = [FixtureKind::Sink, FixtureKind::Cooktop, FixtureKind::Range];

    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $found = [];
        foreach (Runs::of($room, $home) as $run) {
            foreach (array_slice($run->legs, 1, -1) as $leg) {
                $found = [...$found, ...array_filter(
                    $leg->units,
                    static fn(PlacedFixture $one): bool => in_array($one->fixture->kind, self::WORKED, true),
                )];
            }
        }

        return new Measured(
            Amount::count(count($found)),
            array_map(static fn(PlacedFixture $one): Witness => Witness::mark($room->storey(), $one->fixture->at), $found),
            [],
            parties: array_map(static fn(PlacedFixture $one): string => $one->id(), $found),
        );
    }
}
