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
use Heurema\Spatial\Beyond;
use Heurema\Spatial\Home;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<Home> */
#[Measures(
    'dwelling.circulation_share',
    AnswerType::Ratio,
    'The floor of halls, entries and stairs as a share of the floor of all rooms; garages, shafts and what is in the open are left out.',
)]
final class CirculationShare extends SubjectMeasure
{
    private const CIRCULATION = [RoomUse::Hall, RoomUse::Entry, RoomUse::Stair];

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $whole = $walked = 0.0;
        $missing = $witness = [];
        foreach ($home->rooms as $room) {
            $use = $room->room->use;
            if (in_array($use, [RoomUse::Garage, RoomUse::Shaft], true) || Beyond::room($room)->isOpenAir() === true) {
                continue;
            }
            $floor = (new FloorArea())->of($room, $home, new Parameters());
            array_push($missing, ...($floor instanceof Unknown ? $floor->missing : []), ...($use === null ? ["{$room->id()}.use"] : []));
            if ($floor instanceof Measured) {
                $whole += $floor->amount()->number;
                if (in_array($use, self::CIRCULATION, true)) {
                    $walked += $floor->amount()->number;
                    array_push($witness, ...$floor->witness);
                }
            }
        }
        if ($missing !== [] || $whole === 0.0) {
            return new Unknown($missing === [] ? ['rooms with walls closed around them'] : array_values(array_unique($missing)));
        }

        return new Measured(
            Amount::ratio($walked / $whole),
            $witness,
            [Message::of('dwelling.circulation_share.of', walked: Amount::area($walked), whole: Amount::area($whole))],
        );
    }
}
