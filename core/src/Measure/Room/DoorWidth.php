<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

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
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.door_width',
    AnswerType::Length,
    'The width of the narrowest door or bare opening into the room, of its opening in the wall.',
)]
final class DoorWidth extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $doors = array_values(array_filter(
            $home->openingsOf($subject),
            static fn(PlacedOpening $opening): bool => $opening->type() === SubjectType::Door,
        ));
        $unknown = array_filter($doors, static fn(PlacedOpening $door): bool => $door->opening->width === null);
        if ($doors === [] || $unknown !== []) {
            return $doors === []
                ? new NotApplicable(Message::of('room.door_width.no_door'))
                : new Unknown(array_values(array_map(static fn(PlacedOpening $door): string => "{$door->id()}.width", $unknown)));
        }
        usort($doors, static fn(PlacedOpening $a, PlacedOpening $b): int => $a->opening->width <=> $b->opening->width);
        $width = Amount::length((float) $doors[0]->opening->width);

        return new Measured(
            $width,
            [Witness::dimension($subject->storey(), $doors[0]->span(), $width)],
            [Message::of('room.door_width.narrowest', door: $doors[0]->name(), width: $width)],
        );
    }
}
