<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\UnderCeiling;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * A sum of areas over the openings between a room and the open air.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
abstract class OutsideOpenings extends SubjectMeasure
{
    final protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        if ($subject->outline() === null) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $sum = 0.0;
        $witness = $working = $assumptions = $missing = [];
        foreach ($home->openingsOf($subject) as $opening) {
            $isOutside = $opening->isOpenAirFrom($subject);
            $share = $isOutside === null
                ? new Unknown([$opening->across($subject)->missing()])
                : $this->shareOf($opening, $isOutside, $subject, $home);
            if ($share instanceof Unknown) {
                array_push($missing, ...$share->missing);
            }
            if (!$share instanceof Measured) {
                continue;
            }
            $sum += $share->amount()->number;
            $witness[] = Witness::mark($opening->storey(), $opening->middle(), $share->amount());
            $working[] = Message::of('room.outside_openings.opening', opening: $opening->name(), steps: $share->working);
            array_push($assumptions, ...$share->assumptions);
        }
        if ($missing !== []) {
            return new Unknown(array_values(array_unique($missing)));
        }
        $working[] = $witness === []
            ? Message::of('room.outside_openings.no_such_opening_to')
            : Message::of('room.outside_openings.together', sum: Amount::area($sum));

        return new Measured(Amount::area($sum), $witness, $working, Message::unique($assumptions));
    }

    private function shareOf(PlacedOpening $opening, bool $outside, RoomSpace $room, Home $home): Measurement
    {
        if (!$outside) {
            return new NotApplicable(Message::of('room.outside_openings.it_does_not_look'));
        }
        $area = $this->areaOf($opening, $home);
        $share = $area instanceof Measured ? UnderCeiling::share($opening, $room) : 1.0;

        return $area instanceof Measured && $share < 1.0
            ? new Measured(
                Amount::area($share * $area->amount()->number),
                $area->witness,
                [...$area->working, Message::of('room.outside_openings.of_its_height_lie', share: Amount::ratio($share))],
                $area->assumptions,
            )
            : $area;
    }

    /** What one opening to the outside adds; NotApplicable when it is none of the kind that counts. */
    abstract protected function areaOf(PlacedOpening $opening, Home $home): Measurement;
}
