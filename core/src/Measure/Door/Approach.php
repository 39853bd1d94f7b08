<?php

declare(strict_types=1);

namespace Heurema\Measure\Door;

use Heurema\Geometry\Polygon;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Doorway;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * `side`: `pull`, `push`, `inside`, `outside`, or `left` or `right` of the wall.
 *
 * @extends SubjectMeasure<PlacedOpening>
 */
#[Measures(
    'door.approach',
    AnswerType::Length,
    'How deep the floor before the closed door is free, up to `reach`, over the width of the opening and '
    .'as far `beyond_latch` and `beyond_hinge` as is asked.',
    with: [
        'side' => AnswerType::Word,
        'reach' => AnswerType::Length,
        'beyond_latch' => AnswerType::Length,
        'beyond_hinge' => AnswerType::Length,
    ],
    words: ['side' => Doorway::SIDES],
)]
#[Measures(
    'door.landing',
    AnswerType::Length,
    'How deep the landing before the closed door is free, up to `reach`, over the width of the opening '
    .'and as far `beyond_latch` and `beyond_hinge` as is asked.',
    with: [
        'side' => AnswerType::Word,
        'reach' => AnswerType::Length,
        'beyond_latch' => AnswerType::Length,
        'beyond_hinge' => AnswerType::Length,
    ],
    words: ['side' => Doorway::SIDES],
)]
final class Approach extends SubjectMeasure
{
    private const REACH = 1600.0;

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $doorway = Doorway::of($subject, $with->word('side') ?? Doorway::PULL);
        if (!$doorway instanceof Doorway) {
            return new Unknown($doorway);
        }
        $reach = $with->number('reach') ?? self::REACH;
        $floor = $doorway->floor($reach, $with->number('beyond_latch') ?? 0.0, $with->number('beyond_hinge') ?? 0.0);
        $zone = $doorway->zone($floor, $home);
        $depth = $doorway->freeDepth($zone->taken, $reach);
        $names = implode(', ', $zone->names);

        return new Measured(
            Amount::length($depth),
            [
                Witness::outline($subject->storey(), $floor, Amount::length($depth)),
                ...array_map(static fn(Polygon $part): Witness => Witness::outline($subject->storey(), $part), $zone->taken),
            ],
            [
                $zone->names === []
                    ? Message::of('door.approach.nothing_stands_in_before', reach: Amount::length($reach))
                    : Message::of('door.approach.before_door_are_free', depth: Amount::length($depth), names: $names),
            ],
        );
    }
}
