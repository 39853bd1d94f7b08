<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Wall;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\SubjectMeasure;
use Heurema\Measure\Unknown;
use Heurema\Spatial\Home;
use Heurema\Spatial\PlacedOpening;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\SpaceSide;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;
use Heurema\Units\Amount;
use Heurema\Words\Message;

/**
 * How much there is to finish in a room: its walls up to the ceiling or to the tiles, without openings; what stands before them is left
 * aside, and where a divider lies there is no wall.
 *
 * @extends SubjectMeasure<RoomSpace>
 */
#[Measures('room.perimeter', AnswerType::Length, 'How long its walls are together, openings included.')]
#[Measures('room.skirting', AnswerType::Length, 'How long its walls are together without doors and bare openings.')]
#[Measures('room.wall_area', AnswerType::Area, 'Its walls from floor to ceiling, without doors, windows and bare openings.')]
#[Measures(
    'room.tiled_area',
    AnswerType::Area,
    'Its walls from the floor up to its tiles’ height, without doors, windows and bare openings.',
)]
final class Surfaces extends SubjectMeasure
{
    protected function measure(Subject $subject, Home $home, Parameters $with): Measurement
    {
        $openings = array_values(array_filter(
            $home->openingsOf($subject),
            static fn(PlacedOpening $opening): bool => $opening->roof === null,
        ));

        return match ($this->name()) {
            'room.perimeter' => self::length(self::perimeter($subject)),
            'room.skirting' => self::skirting($subject, $openings),
            default => self::area($subject, $openings, $this->name() === 'room.tiled_area'),
        };
    }

    private static function perimeter(RoomSpace $room): float
    {
        return array_sum(array_map(static fn(SpaceSide $side): float => $side->segment->length(), self::walls($room)));
    }

    /** @return list<SpaceSide> */
    private static function walls(RoomSpace $room): array
    {
        return array_values(array_filter($room->sides(), static fn(SpaceSide $side): bool => !$side->isOpen()));
    }

    /** @param list<PlacedOpening> $openings */
    private static function skirting(RoomSpace $room, array $openings): Measurement
    {
        $ways = array_filter($openings, static fn(PlacedOpening $opening): bool => $opening->type() === SubjectType::Door);
        $missing = self::without($ways, ['width']);

        return $missing === []
            ? self::length(self::perimeter($room) - array_sum(array_map(
                static fn(PlacedOpening $way): float => $way->opening->width ?? 0.0,
                $ways,
            )))
            : new Unknown($missing);
    }

    /** @param list<PlacedOpening> $openings */
    private static function area(RoomSpace $room, array $openings, bool $isTiled): Measurement
    {
        $ceiling = $room->ceiling();
        $top = static fn(Wall $wall, bool $isLeft): ?float => $isTiled ? $room->tilesUpTo($wall, $isLeft) : INF;
        $tops = array_map(static fn(SpaceSide $side): ?float => $top($side->wall, $side->isLeftOfWall()), self::walls($room));
        $missing = [
            ...($ceiling === null ? [$room->ceilingKey()] : []),
            ...(in_array(null, $tops, true) ? ["{$room->id()}.tile_height"] : []),
            ...self::without($openings, ['width', 'height']),
            ...(
                $isTiled
                    ? self::without(
                        array_filter($openings, static fn(PlacedOpening $one): bool => $one->opening->window !== null),
                        ['sill'],
                    )
                    : []
            ),
        ];
        if ($missing !== [] || $ceiling === null) {
            return new Unknown($missing);
        }
        $walls = 0.0;
        foreach (self::walls($room) as $number => $side) {
            $walls += $side->segment->length() * self::meanHeight($side->segment, $ceiling, $tops[$number] ?? 0.0);
        }
        $cut = array_sum(array_map(
            static fn(PlacedOpening $one): float => self::cut($one, $top($one->wall, $one->left->isRoom($room)) ?? 0.0),
            $openings,
        ));
        $area = Amount::drawnArea(max(0.0, $walls - $cut));

        return new Measured($area, [], [Message::of(
            'room.surfaces.walls_less_openings',
            walls: Amount::drawnArea($walls),
            openings: Amount::drawnArea($cut),
            area: $area,
        )]);
    }

    /** Of a wall under a ceiling, and no higher than a top, mm; under a ridge both its parts count as far as they reach. */
    private static function meanHeight(Segment $wall, float|SlopedCeiling $ceiling, float $top): float
    {
        if (!$ceiling instanceof SlopedCeiling) {
            return min($top, $ceiling);
        }
        $mean = 0.0;
        foreach (self::partedAtRidge($wall, $ceiling) as $part) {
            $ends = [$ceiling->heightAt($part->from), $ceiling->heightAt($part->to)];
            $mean += self::meanBelow(min($ends), max($ends), $top) * $part->length() / $wall->length();
        }

        return $mean;
    }

    /** Of what rises evenly from one height to another, cut off at a top; mm. */
    private static function meanBelow(float $low, float $high, float $top): float
    {
        if ($top <= $low || $top >= $high) {
            return min($top, ($low + $high) / 2);
        }

        return $top - ($top - $low) ** 2 / ($high - $low) / 2;
    }

    /** @return list<Segment> */
    private static function partedAtRidge(Segment $wall, SlopedCeiling $ceiling): array
    {
        $slopes = $ceiling->slopes();
        $lead = static fn(Point $at): float => isset($slopes[1]) ? $slopes[0]->heightAt($at) - $slopes[1]->heightAt($at) : 1.0;
        [$from, $to] = [$lead($wall->from), $lead($wall->to)];
        if ($from * $to >= 0.0) {
            return [$wall];
        }
        $ridge = $wall->at($wall->length() * $from / ($from - $to));

        return [new Segment($wall->from, $ridge), new Segment($ridge, $wall->to)];
    }

    /** How much of an opening lies below a height, in square millimetres. */
    private static function cut(PlacedOpening $opening, float $top): float
    {
        $sill = $opening->opening->sill ?? 0.0;
        $height = $opening->opening->height ?? 0.0;

        return ($opening->opening->width ?? 0.0) * max(0.0, min($top, $sill + $height) - $sill);
    }

    /**
     * @param array<PlacedOpening> $openings
     * @param list<string>         $keys
     *
     * @return list<string> what nobody said of them
     */
    private static function without(array $openings, array $keys): array
    {
        $missing = [];
        foreach ($openings as $opening) {
            $said = $opening->opening->toArray();
            foreach ($keys as $key) {
                array_push($missing, ...(isset($said[$key]) ? [] : ["{$opening->id()}.{$key}"]));
            }
        }

        return $missing;
    }

    private static function length(float $mm): Measured
    {
        return new Measured(Amount::length($mm), [], [Message::of('room.surfaces.along_walls', length: Amount::length($mm))]);
    }
}
