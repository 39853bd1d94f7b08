<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
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
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\Run\WorkCentres;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.triangle_traffic',
    AnswerType::Count,
    'How many of the shortest ways from one of its doors to another cross the triangle between the middles of the fronts of sink, '
    .'cooktop or range, and refrigerator.',
)]
final class TriangleTraffic extends OutlineMeasure
{
    /** A way crosses it where more of it lies inside, mm. */
    private const GRAZE = 50.0;
    private const JUST_INSIDE = 10.0;

    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $centres = WorkCentres::of($room, $home);
        $doors = array_values(array_filter(
            $home->openingsOf($room),
            static fn(PlacedOpening $opening): bool => $opening->type() === SubjectType::Door,
        ));
        $fronts = $centres->fronts();
        if (!$centres->areAllThere() || $fronts === [] || count($doors) < 2) {
            return new NotApplicable(Message::of('room.triangle_traffic.no_way'));
        }
        if ($centres->missing() !== []) {
            return new Unknown($centres->missing());
        }
        $triangle = new Polygon((new Ring($fronts))->counterClockwise());
        $names = $witness = [];
        foreach ($doors as $number => $from) {
            foreach (array_slice($doors, $number + 1) as $to) {
                $way = $centres->around()->between(self::before($from, $outline), self::before($to, $outline)) ?? [];
                if (self::crosses($way, $triangle)) {
                    $names[] = "{$from->name()} – {$to->name()}";
                    $witness = [...$witness, ...Witness::way($room->storey(), $way)];
                }
            }
        }

        return new Measured(
            Amount::count(count($names)),
            $names === [] ? [] : [Witness::outline($room->storey(), $triangle), ...$witness],
            $names === [] ? [] : [Message::of('room.triangle_traffic.ways', names: $names)],
        );
    }

    /** Just inside of the room before a door. */
    private static function before(PlacedOpening $door, Polygon $outline): Point
    {
        $left = $door->wall->line()->direction()->left()->times($door->wall->thickness / 2 + self::JUST_INSIDE);
        foreach ([$left, $left->times(-1.0)] as $out) {
            if ($outline->contains($door->middle()->plus($out))) {
                return $door->middle()->plus($out);
            }
        }

        return $door->middle();
    }

    /** @param list<Point> $way */
    private static function crosses(array $way, Polygon $triangle): bool
    {
        $inside = 0.0;
        foreach (array_slice($way, 1) as $number => $to) {
            $line = new Segment($way[$number], $to);
            foreach ($line->length() < 1.0 ? [] : $triangle->chords($line) as $chord) {
                $inside += max(0.0, min($line->length(), $line->along($chord->to)) - max(0.0, $line->along($chord->from)));
            }
        }

        return $inside > self::GRAZE;
    }
}
