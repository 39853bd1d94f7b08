<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measure;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Compass;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Subject\Subject;
use Heurema\Words\Message;

/** @extends SubjectMeasure<RoomSpace> */
#[Measures(
    'room.orientation',
    AnswerType::Word,
    'In which sector of the compass the room’s middle lies, seen from the middle of its storey: north, '
    .'north-east and so on; `centre` within a metre of it.',
    words: [Measure::ANSWER => [...Compass::SIDES, 'centre']],
)]
final class Orientation extends SubjectMeasure
{
    private const CENTRE = 1000.0;

    /** @param non-empty-list<Point> $corners of one of its rooms */
    private static function middle(string $storey, Home $home, array $corners): Point
    {
        foreach ($home->rooms as $room) {
            array_push($corners, ...($room->storey() === $storey ? $room->outline()->outer->points ?? [] : []));
        }

        return Box::around($corners)->middle();
    }

    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $outline = $subject->outline();
        if ($outline === null) {
            return new Unknown([(string) $subject->outlineProblem()]);
        }
        $from = $home->once(
            "middle of {$subject->storey()}",
            static fn(): Point => self::middle($subject->storey(), $home, $outline->outer->points),
        );
        $to = $outline->bounds()->middle();
        if ($from->distanceTo($to) < self::CENTRE) {
            return new Measured(
                'centre',
                [Witness::mark($subject->storey(), $to, Message::of('room.orientation.centre'))],
                [Message::of('room.orientation.it_lies_in_middle')],
            );
        }
        $sector = (new Compass($home->layout->north))->side($to->minus($from));

        return new Measured(
            $sector,
            [Witness::dimension($subject->storey(), new Segment($from, $to), $sector)],
            [Message::of('room.orientation.seen_from_middle_of', sector: $sector)],
            $home->layout->north === null ? [Message::of('room.orientation.north_is_taken_to')] : [],
        );
    }
}
