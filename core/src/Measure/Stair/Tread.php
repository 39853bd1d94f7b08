<?php

declare(strict_types=1);

namespace Heurema\Measure\Stair;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Flight;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\PlacedStair;
use Heurema\Spatial\Subject\Subject;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/** @extends SubjectMeasure<PlacedStair> */
#[Measures(
    'stair.tread',
    AnswerType::Length,
    'The least tread of the straight flights, or with `of: largest` the largest, nosing edge to nosing '
    .'edge. A flight of one riser has no tread of its own.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['least', 'largest']],
)]
final class Tread extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $treads = $missing = [];
        foreach ($subject->stair->parts as $number => $part) {
            if (!$part instanceof Flight || $part->risers < 2) {
                continue;
            }
            if ($part->tread === null) {
                $missing[] = "{$subject->id()}.parts.{$number}.flight.tread";
            } else {
                $treads[] = $part->tread;
            }
        }
        if ($missing !== []) {
            return new Unknown($missing);
        }
        if ($treads === []) {
            return new NotApplicable(Message::of('stair.tread.stair_has_no_straight'));
        }
        $tread = $with->word('of') === 'largest' ? max($treads) : min($treads);
        $along = new Segment($subject->stair->start, $subject->stair->start->plus(Point::towards($subject->stair->facing)->times($tread)));

        return new Measured(
            Amount::length($tread),
            [Witness::dimension($subject->storey(), $along, Message::of('stair.tread.tread', tread: Amount::length($tread)))],
            [Message::of('stair.tread.treads_of_flights', all: array_map(Amount::length(...), $treads))],
        );
    }
}
