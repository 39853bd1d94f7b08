<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\NotApplicable;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedFixture;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\WorkCentres;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.triangle_cut',
    AnswerType::Length,
    'How far something that stands on the floor juts into the straight lines between the middles of the fronts of sink, cooktop or '
    .'range, and refrigerator: the most of all, measured square to the line from the side on which less of it lies.',
)]
final class TriangleCut extends OutlineMeasure
{
    /** A line is crossed where more of it lies in the fixture, mm. */
    private const GRAZE = 1.0;

    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $centres = WorkCentres::of($room, $home);
        if (!$centres->areAllThere()) {
            return new NotApplicable(Message::of('room.work_triangle.not_all_three'));
        }
        if ($centres->missing() !== []) {
            return new Unknown($centres->missing());
        }
        $fronts = $centres->fronts();
        $most = null;
        foreach ($home->fixturesOn($room->storey()) as $fixture) {
            foreach ($centres->isInTheWay($fixture) && !in_array($fixture, $centres->fixtures, true) ? [0, 1, 2] : [] as $leg) {
                $line = new Segment($fronts[$leg], $fronts[($leg + 1) % 3]);
                $cut = self::depth($fixture, $line);
                $most = $cut > self::GRAZE && ($most === null || $cut > $most[0]) ? [$cut, $fixture, $line] : $most;
            }
        }

        return $most === null ? new Measured(Amount::length(0.0)) : new Measured(
            Amount::length($most[0]),
            [
                Witness::dimension($room->storey(), $most[2], Amount::length($most[2]->length())),
                Witness::mark($room->storey(), $most[1]->fixture->at),
            ],
            [Message::of('room.triangle_cut.juts', thing: $most[1]->name(), by: Amount::length($most[0]))],
            parties: [$most[1]->id()],
        );
    }

    private static function depth(PlacedFixture $fixture, Segment $line): float
    {
        if ($fixture->outline === null || $line->length() < self::GRAZE) {
            return 0.0;
        }
        $crossed = 0.0;
        foreach ((new Polygon($fixture->outline))->chords($line) as $chord) {
            $crossed += max(0.0, min($line->length(), $line->along($chord->to)) - max(0.0, $line->along($chord->from)));
        }
        $sides = array_map($line->leftOf(...), $fixture->outline->points);

        return $crossed <= self::GRAZE ? 0.0 : min(max([0.0, ...$sides]), -min([0.0, ...$sides]));
    }
}
