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
 * A measure of a room that needs the room's outline.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
abstract class OutlineMeasure extends SubjectMeasure
{
    final protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $outline = $subject->outline();

        return $outline === null
            ? new Unknown([(string) $subject->outlineProblem()])
            : $this->measureWithin($outline, $subject, $home, $with);
    }

    abstract protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement;
}
