<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/** @extends SubjectMeasure<Home> */
#[Measures('dwelling.double_bedrooms', AnswerType::Count, 'How many of its bedrooms hold two bed spaces or more.')]
final class DoubleBedrooms extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $rooms = $home->bedrooms();
        $doubles = array_filter($rooms, static fn(RoomSpace $room): bool => ($room->room->bedspaces ?? 0) >= 2);
        $silent = array_values(array_filter($rooms, static fn(RoomSpace $room): bool => $room->room->bedspaces === null));

        return $doubles === [] && $silent !== []
            ? new Unknown(array_map(static fn(RoomSpace $room): string => "{$room->id()}.bedspaces", $silent))
            : new Measured(Amount::count(count($doubles)));
    }
}
