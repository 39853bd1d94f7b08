<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
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
    'room.work_triangle',
    AnswerType::Length,
    'The ways between the middles of the fronts of the sink (the widest), the cooktop or range, and the refrigerator, around what '
    .'stands on the floor. `of`: `sum`, or where nothing is said; `shortest` or `longest` of the three.',
    with: ['of' => AnswerType::Word],
    words: ['of' => ['sum', 'shortest', 'longest']],
)]
final class WorkTriangle extends OutlineMeasure
{
    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $centres = WorkCentres::of($room, $home);
        if (!$centres->areAllThere()) {
            return new NotApplicable(Message::of('room.work_triangle.not_all_three'));
        }
        if ($centres->missing() !== []) {
            return new Unknown($centres->missing());
        }
        [$known, $ways] = [$centres->fixtures, self::ways($centres)];
        if (count($ways) < 3) {
            return new NotApplicable(Message::of('room.work_triangle.no_way'));
        }
        $lengths = array_map(self::length(...), $ways);
        $wanted = match ($with->word('of')) {
            'shortest' => [(int) array_search(min($lengths), $lengths, true)],
            'longest' => [(int) array_search(max($lengths), $lengths, true)],
            default => [0, 1, 2],
        };

        return new Measured(
            Amount::length(array_sum(array_map(static fn(int $leg): float => $lengths[$leg], $wanted))),
            array_merge(...array_map(static fn(int $leg): array => Witness::way($room->storey(), $ways[$leg]), $wanted)),
            array_map(static fn(int $leg): Message => Message::of(
                'room.work_triangle.leg',
                from: $known[$leg]->name(),
                to: $known[($leg + 1) % 3]->name(),
                length: Amount::length($lengths[$leg]),
            ), [0, 1, 2]),
            parties: array_map(static fn(PlacedFixture $one): string => $one->id(), $known),
        );
    }

    /** @return list<non-empty-list<Point>> */
    private static function ways(WorkCentres $centres): array
    {
        [$around, $fronts] = [$centres->around(), $centres->fronts()];

        return array_values(array_filter([
            $around->between($fronts[0], $fronts[1]), $around->between($fronts[1], $fronts[2]), $around->between($fronts[2], $fronts[0]),
        ]));
    }

    /** @param non-empty-list<Point> $way */
    private static function length(array $way): float
    {
        $length = 0.0;
        foreach (array_slice($way, 1) as $number => $to) {
            $length += $way[$number]->distanceTo($to);
        }

        return $length;
    }
}
