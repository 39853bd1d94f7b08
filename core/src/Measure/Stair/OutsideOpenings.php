<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StairEnd;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;

/**
 * How many windows and doors to the open air the rooms at its foot and head have.
 *
 * @extends SubjectMeasure<PlacedStair>
 */
final class OutsideOpenings extends SubjectMeasure
{
    public function name(): string
    {
        return 'stair.outside_openings';
    }

    public function answer(): AnswerType
    {
        return AnswerType::Count;
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $found = [];
        foreach ([StairEnd::foot($subject, $home), StairEnd::head($subject, $home)] as $end) {
            $room = $end?->room();
            foreach ($room === null ? [] : $home->openingsOf($room) as $opening) {
                if ($room !== null && $opening->isOpenAirFrom($room) === true) {
                    $found[$opening->id()] = $opening;
                }
            }
        }

        return new Measured(
            Amount::count(count($found)),
            array_values(array_map(static fn(PlacedOpening $opening): Witness => Witness::mark($opening->storey(), $opening->middle(), $opening->name()), $found)),
            [$found === [] ? 'None at its foot or head.' : 'At its foot and head: '.implode(', ', array_map(static fn(PlacedOpening $opening): string => $opening->name(), $found)).'.'],
        );
    }
}
