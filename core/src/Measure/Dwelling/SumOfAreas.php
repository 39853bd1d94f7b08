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
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.sum_of_areas',
    AnswerType::Area,
    'The floors of all rooms of the named `uses` together, the uses with commas between them; of all rooms where none is named.',
    with: ['uses' => AnswerType::Word],
    words: ['uses' => [RoomUse::class]],
)]
final class SumOfAreas extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $uses = $with->word('uses') === null ? null : array_map(trim(...), explode(',', $with->word('uses')));
        $sum = 0.0;
        $witness = $working = $missing = [];
        foreach ($home->rooms as $room) {
            if ($uses !== null && !self::isOf($room, $uses)) {
                array_push($missing, ...($room->room->use === null ? ["{$room->id()}.use"] : []));

                continue;
            }
            $area = (new FloorArea())->of($room, $home, new Parameters());
            if ($area instanceof Unknown) {
                array_push($missing, ...$area->missing);
            } elseif ($area instanceof Measured) {
                $sum += $area->amount()->number;
                array_push($witness, ...$area->witness);
                $working[] = Message::of('dwelling.sum_of_areas.value', room: $room->name(), area: $area->amount());
            }
        }

        return $missing === []
            ? new Measured(
                Amount::area($sum),
                $witness,
                [...$working, Message::of('dwelling.sum_of_areas.together', sum: Amount::area($sum))],
            )
            : new Unknown($missing);
    }

    /** @param list<string> $uses */
    private static function isOf(RoomSpace $room, array $uses): bool
    {
        return array_filter($uses, $room->isOf(...)) !== [];
    }
}
