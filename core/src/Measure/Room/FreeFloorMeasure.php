<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;

/**
 * A measure of the floor that nothing stands on. `clear_of: swings` leaves out what the leaves of doors sweep as well.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
abstract class FreeFloorMeasure extends SubjectMeasure
{
    final protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $problem = $subject->outlineProblem();

        return $problem === null
            ? $this->measureOn($home->freeFloor($subject, $with->word('clear_of') === 'swings'), $subject, $home, $with)
            : new Unknown([$problem]);
    }

    /** @param list<Polygon> $floor the pieces, the largest first */
    abstract protected function measureOn(array $floor, RoomSpace $room, Home $home, Parameters $with): Measurement;
}
