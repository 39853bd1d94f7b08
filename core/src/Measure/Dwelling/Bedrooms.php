<?php

declare(strict_types=1);

namespace Heurema\Measure\Dwelling;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * How many bedrooms it has.
 *
 * @extends SubjectMeasure<Home>
 */
final class Bedrooms extends SubjectMeasure
{
    public function name(): string
    {
        return 'dwelling.bedrooms';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Count;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $names = array_map(static fn(RoomSpace $room): string => $room->name(), $home->bedrooms());

        return new Measured(Amount::count(count($names)), [], [$names === [] ? 'It has no bedroom.' : implode(', ', $names).'.']);
    }
}
