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
            $witness[] = Witness::mark($opening->storey(), $opening->middle(), $home->write($share->amount()));
            array_push($working, $opening->name().': '.implode(' ', $share->working));
            array_push($assumptions, ...$share->assumptions);
        }
        if ($missing !== []) {
            return new Unknown(array_values(array_unique($missing)));
        }
        $working[] = $witness === [] ? 'No such opening to the outside.' : 'Together: '.$home->write(Amount::area($sum)).'.';

        return new Measured(Amount::area($sum), $witness, $working, array_values(array_unique($assumptions)));
    }

    private function shareOf(PlacedOpening $opening, bool $outside, RoomSpace $room, Home $home): Measurement
    {
        if (!$outside) {
            return new NotApplicable('It does not look outside.');
        }
        $area = $this->areaOf($opening, $home);
        $share = $area instanceof Measured ? UnderCeiling::share($opening, $room) : 1.0;

        return $area instanceof Measured && $share < 1.0
            ? new Measured(
                Amount::area($share * $area->amount()->number),
                $area->witness,
                [...$area->working, "Of its height {$home->write(Amount::ratio($share))} lie below the ceiling."],
                $area->assumptions,
            )
            : $area;
    }

    /** What one opening to the outside adds; NotApplicable when it is none of the kind that counts. */
    abstract protected function areaOf(PlacedOpening $opening, Home $home): Measurement;
}
