<?php

declare(strict_types=1);

namespace Heurema\Measure\Room;

use Heurema\Geometry\LargestRectangle;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Ring;
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
    'room.clear_box',
    AnswerType::Length,
    'How deep a rectangle of a wanted `width` finds room on the free floor, along the room’s longest '
    .'face or across it; 0 where none is so wide.',
    with: ['width' => AnswerType::Length, 'clear_of' => AnswerType::Word],
    words: ['clear_of' => ['swings']],
)]
final class ClearBox extends FreeFloorMeasure
{
    protected function measureOn(array $floor, RoomSpace $room, Home $home, Parameters $with): Measurement
    {
        $width = $with->number('width') ?? 0.0;
        $best = $home->once("clear box {$room->id()} {$with->key()}", static fn(): ?array => self::deepest($floor, $room, $width));
        $depth = $best['height'] ?? 0.0;

        return new Measured(
            Amount::length($depth),
            $best === null
                ? []
                : [Witness::outline(
                    $room->storey(),
                    $best['ring'],
                    Message::of('room.clear_box.value', width: Amount::length($width), depth: Amount::length($depth)),
                )],
            [
                $best === null
                    ? Message::of('room.clear_box.nowhere_is_floor_free', width: Amount::length($width))
                    : Message::of('room.clear_box.rectangle_wide_finds_room', width: Amount::length($width), depth: Amount::length($depth)),
            ],
        );
    }

    /**
     * @param list<Polygon> $floor
     *
     * @return array{ring: Ring, height: float}|null
     */
    private static function deepest(array $floor, RoomSpace $room, float $width): ?array
    {
        $best = null;
        foreach ($floor as $piece) {
            foreach (array_slice($room->wayDirections(), 0, 2) as $direction) {
                $found = LargestRectangle::deepest($piece, $direction, $width - self::EQUAL);
                $best = ($found['height'] ?? 0.0) > ($best['height'] ?? 0.0) ? $found : $best;
            }
        }

        return $best;
    }

    /** Lengths closer than this are equal, mm. */
    private const EQUAL = 0.04;
}
