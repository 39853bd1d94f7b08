<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\FloorArea;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.storage_area',
    AnswerType::Area,
    'The floor of its rooms for storage: storage rooms, pantries and closets.',
)]
final class StorageArea extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $area = 0.0;
        $witness = $working = $missing = [];
        foreach ($home->rooms as $room) {
            $floor = in_array($room->room->use, [RoomUse::Storage, RoomUse::Pantry, RoomUse::Closet], true)
                ? (new FloorArea())->of($room, $home, new Parameters())
                : null;
            if ($floor instanceof Measured) {
                $area += $floor->amount()->number;
                array_push($witness, ...$floor->witness);
                $working[] = Message::of('dwelling.storage_area.value', room: $room->name(), floor: $floor->amount());
            }
            array_push($missing, ...($floor instanceof Unknown ? $floor->missing : []));
        }

        return $missing !== []
            ? new Unknown($missing)
            : new Measured(
                Amount::area($area),
                $witness,
                $working === [] ? [Message::of('dwelling.storage_area.no_room_for_storage')] : $working,
            );
    }
}
