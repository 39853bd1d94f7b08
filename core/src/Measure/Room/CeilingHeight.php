<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\LargestRectangle;
use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Soffit;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Unknown;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.ceiling_height',
    AnswerType::Length,
    'The lowest ceiling over the room, soffits included.  `beams_from`: soffits at least this high count '
    .'as beams and are left aside, unless they stand closer to another soffit than `beams_apart` or are '
    .'wider than `beams_up_to` (24 in where nothing is said: common practice, no source).',
    with: ['beams_from' => AnswerType::Length, 'beams_apart' => AnswerType::Length, 'beams_up_to' => AnswerType::Length],
)]
final class CeilingHeight extends OutlineMeasure
{
    private const WIDEST_BEAM = 609.6;

    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $soffits = SoffitsOver::room($outline, $room, $home);
        $missing = self::missing($room, $soffits);
        $lowest = self::lowestOfCeiling($outline, $room);
        if ($lowest === null || $missing !== []) {
            return new Unknown($missing);
        }
        [$height, $at] = $lowest;
        $working = [$room->ceiling() instanceof SlopedCeiling
            ? Message::of('room.ceiling_height.lowest_of_slope', height: Amount::length($height))
            : Message::of('room.ceiling_height.level', height: Amount::length($height))];
        foreach ($soffits as $soffit) {
            $underside = (float) $soffit->underside;
            $isBeam = self::isBeam($soffit, $soffits, $with);
            $working[] = $isBeam
                ? Message::of('room.ceiling_height.beam', underside: Amount::length($underside))
                : Message::of('room.ceiling_height.soffit', underside: Amount::length($underside));
            if (!$isBeam && $underside < $height) {
                [$height, $at] = [$underside, $soffit->outline->bounds()->middle()];
            }
        }

        return new Measured(Amount::length($height), [Witness::mark($room->storey(), $at, Amount::length($height))], $working);
    }

    /**
     * @param list<Soffit> $soffits
     *
     * @return list<string>
     */
    private static function missing(RoomSpace $room, array $soffits): array
    {
        $missing = $room->ceiling() === null ? [$room->ceilingKey()] : [];
        foreach ($soffits as $soffit) {
            if ($soffit->underside === null) {
                $missing[] = "{$soffit->id}.underside";
            }
        }

        return $missing;
    }

    /** @return array{float, Point}|null */
    private static function lowestOfCeiling(Polygon $outline, RoomSpace $room): ?array
    {
        $ceiling = $room->ceiling();
        if (!$ceiling instanceof SlopedCeiling) {
            return $ceiling === null ? null : [$ceiling, $room->room->at];
        }
        $points = $outline->outer->points;
        usort($points, static fn(Point $a, Point $b): int => $ceiling->heightAt($a) <=> $ceiling->heightAt($b));

        return [$ceiling->heightAt($points[0]), $points[0]];
    }

    /** @param list<Soffit> $soffits */
    private static function isBeam(Soffit $soffit, array $soffits, Parameters $with): bool
    {
        $from = $with->number('beams_from');
        if ($from === null || !Amount::length((float) $soffit->underside)->isAtLeast(Amount::length($from))) {
            return false;
        }
        $width = LargestRectangle::breadth($soffit->outline);
        if (!Amount::length($width)->isAtMost(Amount::length($with->number('beams_up_to') ?? self::WIDEST_BEAM))) {
            return false;
        }
        $apart = Amount::length($with->number('beams_apart') ?? 0.0);
        foreach ($soffits as $other) {
            if ($other !== $soffit && !Amount::length(self::distance($soffit->outline, $other->outline))->isAtLeast($apart)) {
                return false;
            }
        }

        return true;
    }

    private static function distance(Ring $first, Ring $second): float
    {
        $closest = INF;
        foreach ([[$first, $second], [$second, $first]] as [$corners, $sides]) {
            foreach ($corners->points as $corner) {
                foreach ($sides->edges() as $side) {
                    $closest = min($closest, $side->distanceTo($corner));
                }
            }
        }

        return $closest;
    }
}
