<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Segment;
use Heurema\Layout\Wall;

/** Which room, or the outside, lies behind each stretch of a room's faces: the same wall seen from its other side. */
final readonly class Neighbours
{
    /** Shorter stretches, mm, are only the corners of walls. */
    private const SHORTEST = 1.0;

    /** @var array<string, list<array{float, float, bool, Beyond}>> by wall: from, to along its line, whether on its left, what is there */
    private array $faces;

    /** @param list<array{SpaceSide, Beyond}> $sides of all the spaces and of the outside, with what they belong to */
    public function __construct(array $sides)
    {
        $faces = [];
        foreach ($sides as [$side, $beyond]) {
            $line = $side->wall->line();
            [$from, $to] = self::along($line, $side->segment);
            if ($to - $from > self::SHORTEST) {
                $faces[$side->wall->id][] = [$from, $to, $line->leftOf($side->segment->middle()) > 0, $beyond];
            }
        }
        $this->faces = $faces;
    }

    /** @return list<Neighbour> in order around the room */
    public function of(RoomSpace $room): array
    {
        $neighbours = [];
        foreach ($room->sides() as $side) {
            array_push($neighbours, ...($side->isOpen() ? $this->acrossOpenBoundary($side, $room) : $this->behind($side)));
        }

        return $neighbours;
    }

    /** @return list<Neighbour> */
    private function behind(SpaceSide $side): array
    {
        $line = $side->wall->line();
        [$from, $to] = self::along($line, $side->segment);
        $isLeft = $line->leftOf($side->segment->middle()) > 0;
        $found = [];
        foreach ($this->faces[$side->wall->id] ?? [] as [$start, $end, $left, $beyond]) {
            if ($left !== $isLeft && min($to, $end) - max($from, $start) > self::SHORTEST) {
                $found[] = $this->neighbour($side->segment, $side->wall, max($from, $start), min($to, $end), $beyond);
            }
        }

        return $found;
    }

    /** @return list<Neighbour> */
    private function acrossOpenBoundary(SpaceSide $side, RoomSpace $room): array
    {
        [$from, $to] = self::along($side->wall->line(), $side->segment);
        $found = [];
        foreach ($this->faces[$side->wall->id] ?? [] as [$start, $end, , $beyond]) {
            if (!$beyond->isRoom($room) && min($to, $end) - max($from, $start) > self::SHORTEST) {
                $found[] = $this->neighbour($side->segment, $side->wall, max($from, $start), min($to, $end), $beyond);
            }
        }

        return $found;
    }

    private function neighbour(Segment $face, Wall $wall, float $from, float $to, Beyond $beyond): Neighbour
    {
        $line = $wall->line();
        [$a, $b] = [$face->closestTo($line->at($from)), $face->closestTo($line->at($to))];
        $runsAlong = $face->direction()->dot($line->direction()) > 0;

        return new Neighbour($runsAlong ? new Segment($a, $b) : new Segment($b, $a), $wall, $beyond);
    }

    /** @return array{float, float} */
    private static function along(Segment $line, Segment $stretch): array
    {
        $ends = [$line->along($stretch->from), $line->along($stretch->to)];

        return [min($ends), max($ends)];
    }
}
