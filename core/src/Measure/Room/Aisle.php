<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\Run;
use Heurema\Spatial\Run\RunLeg;
use Heurema\Spatial\Run\Runs;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.aisle',
    AnswerType::Length,
    'The least distance from the fronts of a run to what faces them: another run, an island or a wall.',
)]
final class Aisle extends OutlineMeasure
{
    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $runs = Runs::of($room, $home);
        $narrowest = null;
        foreach ($runs as $run) {
            foreach ($run->legs as $leg) {
                $line = $leg->across([...$outline->edges(), ...self::opposite($leg, $runs)]);
                $narrowest = $line !== null && ($narrowest === null || $line->length() < $narrowest->length()) ? $line : $narrowest;
            }
        }

        return $narrowest === null
            ? new NotApplicable(Message::of('room.aisle.nothing_faces_a_run'))
            : new Measured(
                Amount::length($narrowest->length()),
                [Witness::dimension($room->storey(), $narrowest, Amount::length($narrowest->length()))],
            );
    }

    /**
     * @param list<Run> $runs
     *
     * @return list<Segment> sides of the units of other legs
     */
    private static function opposite(RunLeg $leg, array $runs): array
    {
        $sides = [];
        foreach ($runs as $run) {
            foreach (array_filter($run->legs, static fn(RunLeg $one): bool => $one->units !== $leg->units) as $other) {
                array_push($sides, ...array_merge(...array_map(
                    static fn(PlacedFixture $one): array => $one->outline?->edges() ?? [],
                    $other->units,
                )));
            }
        }

        return $sides;
    }
}
