<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\StairEnd;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.outside_openings',
    AnswerType::Count,
    'How many windows and doors to the open air the rooms at its foot and head have.',
)]
final class OutsideOpenings extends SubjectMeasure
{
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
            array_values(array_map(
                static fn(PlacedOpening $opening): Witness => Witness::mark($opening->storey(), $opening->middle(), $opening->name()),
                $found,
            )),
            [
                $found === []
                    ? Message::of('stair.outside_openings.none_at_its_foot')
                    : Message::of(
                        'stair.outside_openings.at_its_foot_and',
                        value: array_map(static fn(PlacedOpening $opening): string => $opening->name(), $found),
                    ),
            ],
        );
    }
}
