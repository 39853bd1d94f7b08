<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\LargestRectangle;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Measure\AnswerType;
use Heurema\Measure\Measured;
use Heurema\Measure\Measurement;
use Heurema\Measure\Measures;
use Heurema\Measure\Parameters;
use Heurema\Measure\Witness;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Units\Amount;
use Heurema\Words\Message;

#[Measures(
    'room.least_width',
    AnswerType::Length,
    'The shorter side of the largest rectangle that fits in the room’s outline, parallel to its longest face.',
)]
final class LeastWidth extends OutlineMeasure
{
    protected function measureWithin(Polygon $outline, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $largest = LargestRectangle::in($outline, self::longest($outline)->direction());
        $width = min($largest['width'], $largest['height']);

        return new Measured(
            Amount::length($width),
            [
                Witness::outline($room->storey(), $largest['ring']),
                Witness::dimension($room->storey(), self::across($largest['ring'], $width), Amount::length($width)),
            ],
            [Message::of(
                'room.least_width.largest_rectangle_in_room',
                largest: Amount::length($largest['width']),
                largest2: Amount::length($largest['height']),
            )],
        );
    }

    private static function longest(Polygon $outline): Segment
    {
        $edges = $outline->edges();
        usort($edges, static fn(Segment $a, Segment $b): int => $b->length() <=> $a->length());

        return $edges[0];
    }

    /** The line across the rectangle's middle, along its shorter side. */
    private static function across(Ring $ring, float $width): Segment
    {
        [$a, $b, $c, $d] = $ring->points;

        return abs($a->distanceTo($b) - $width) < 1e-6
            ? new Segment($a->towardsPoint($d, 0.5), $b->towardsPoint($c, 0.5))
            : new Segment($a->towardsPoint($b, 0.5), $d->towardsPoint($c, 0.5));
    }
}
