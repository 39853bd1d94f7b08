<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Layout\Words\RoomUse;
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
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.reached_through',
    AnswerType::Count,
    'How many other rooms one cannot but cross on the way in from outside; only rooms of a `use` where one is named.',
    with: ['use' => AnswerType::Word],
    words: ['use' => [RoomUse::class]],
)]
final class ReachedThrough extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $ways = $home->waysIn();
        if (!$ways->reach($subject)) {
            return $ways->missing === []
                ? new NotApplicable(Message::of('room.reached_through.no_way_leads_there'))
                : new Unknown(array_values(array_unique($ways->missing)));
        }
        $use = $with->word('use');
        $ids = array_flip($ways->crossedBefore($subject));
        $crossed = array_values(array_filter(
            $ids === [] ? [] : $home->rooms,
            static fn(RoomSpace $room): bool => isset($ids[$room->id()]) && ($use === null || $room->isOf($use)),
        ));
        $names = array_map(static fn(RoomSpace $room): string => $room->name(), $crossed);

        return new Measured(
            Amount::count(count($crossed)),
            array_map(static fn(RoomSpace $room): Witness => Witness::mark($room->storey(), $room->room->at, $room->name()), $crossed),
            [
                $names === []
                    ? Message::of('room.reached_through.no_such_room_has')
                    : Message::of('room.reached_through.on_way_in_one', names: $names),
            ],
        );
    }
}
