<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Segment;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.doors',
    AnswerType::Count,
    'How many ways lead into the room: doors, bare openings, neighbours that it is open to, and stairs that come up in it.',
)]
final class Doors extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->sides() === []) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $doors = array_values(array_filter(
            $home->openingsOf($subject),
            static fn(PlacedOpening $opening): bool => $opening->type() === SubjectType::Door,
        ));
        // a border in several pieces is open to the one space beyond it
        $open = array_unique(array_map(
            static fn(SpaceSide $side): int => $side->beyond,
            array_filter($subject->sides(), static fn(SpaceSide $side): bool => $side->isOpen()),
        ));
        $stairs = array_values(array_filter($home->stairs, static fn(PlacedStair $stair): bool => self::leadsInto($stair, $subject)));
        $witness = array_map(static fn(PlacedOpening $door): Witness => Witness::mark($subject->storey(), $door->middle()), $doors);

        return new Measured(
            Amount::count(count($doors) + count($open) + count($stairs)),
            $witness === [] ? [Witness::mark($subject->storey(), $subject->room->at)] : $witness,
            [Message::of('room.doors.doors_and_bare_openings', count: count($doors), count2: count($open), count3: count($stairs))],
        );
    }

    /** A little beyond its last riser, the climb stands in the room. */
    private static function leadsInto(PlacedStair $stair, RoomSpace $room): bool
    {
        $line = $stair->to->id === $room->storey() ? $stair->shape->walkline : [];
        $steps = count($line);
        if ($steps < 2) {
            return false;
        }
        $last = new Segment($line[$steps - 2], $line[$steps - 1]);

        return $last->length() > 0 && $room->outline()?->contains($last->at($last->length() + 100)) === true;
    }
}
