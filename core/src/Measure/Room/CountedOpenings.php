<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * How many of a room's doors and windows are of some kind.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
abstract class CountedOpenings extends SubjectMeasure
{
    final protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->outline() === null) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $counted = $missing = [];
        foreach ($home->openingsOf($subject) as $opening) {
            $counts = $this->counts($opening, $subject, $home, $with);
            if ($counts === null) {
                $missing[] = $opening->across($subject)->missing();
            } elseif ($counts) {
                $counted[] = $opening;
            }
        }
        if ($missing !== []) {
            return new Unknown(array_values(array_unique($missing)));
        }

        return new Measured(
            Amount::count(count($counted)),
            array_map(static fn(PlacedOpening $one): Witness => Witness::mark($one->storey(), $one->middle()), $counted),
            [
                $counted === []
                    ? Message::of('room.counted_openings.none')
                    : Message::of(
                        'room.counted_openings.counted',
                        names: array_map(static fn(PlacedOpening $one): string => $one->name(), $counted),
                    ),
            ],
            $this->assumptions($subject, $home),
        );
    }

    /** Null: nobody said what lies beyond it. */
    abstract protected function counts(PlacedOpening $opening, RoomSpace $room, Home $home, Parameters $with): ?bool;

    /** @return list<Message> */
    protected function assumptions(RoomSpace $room, Home $home): array
    {
        return [];
    }

    /** A window, a bare opening, a door that is said to be glazed. */
    final protected static function isSeenThrough(PlacedOpening $opening): bool
    {
        return $opening->type() === SubjectType::Window || $opening->opening->door === null || $opening->opening->door->glazed === true;
    }

    /** @return list<Message> of the doors of which nobody said whether they are glazed */
    final protected static function notGlazed(RoomSpace $room, Home $home): array
    {
        $unsaid = array_filter(
            $home->openingsOf($room),
            static fn(PlacedOpening $one): bool => $one->opening->door !== null && $one->opening->door->glazed === null,
        );

        return array_values(array_map(
            static fn(PlacedOpening $door): Message => Message::of('room.counted_openings.not_glazed', door: $door->name()),
            $unsaid,
        ));
    }
}
