<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Layout\Words\RoomUse;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\Room\FloorArea;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Beyond;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * Some of the floor of all rooms as a share of it; garages and what is in the open are left out.
 *
 * @extends SubjectMeasure<Home>
 */
abstract class FloorShare extends SubjectMeasure
{
    final protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $whole = $part = 0.0;
        $missing = $witness = [];
        foreach (array_filter($home->rooms, $this->counts(...)) as $room) {
            $floor = (new FloorArea())->of($room, $home, new Parameters());
            $some = $this->some($room, $floor, $home, $with);
            if ($floor instanceof Measured && $some instanceof Measured) {
                $whole += $floor->amount()->number;
                $part += $some->amount()->number;
                array_push($witness, ...$some->witness);
            } else {
                array_push(
                    $missing,
                    ...($floor instanceof Unknown ? $floor->missing : []),
                    ...($some instanceof Unknown ? $some->missing : []),
                );
            }
        }
        if ($missing !== [] || $whole === 0.0) {
            return new Unknown($missing === [] ? ['rooms with walls closed around them'] : array_values(array_unique($missing)));
        }

        return new Measured(Amount::ratio($part / $whole), $witness, [$this->says(Amount::area($part), Amount::area($whole))]);
    }

    protected function counts(RoomSpace $room): bool
    {
        return $room->room->use !== RoomUse::Garage && Beyond::room($room)->isOpenAir() !== true;
    }

    /** What of a room's floor it is. */
    abstract protected function some(RoomSpace $room, Measurement $floor, Home $home, Parameters $with): Measurement;

    abstract protected function says(Amount $part, Amount $whole): Message;
}
