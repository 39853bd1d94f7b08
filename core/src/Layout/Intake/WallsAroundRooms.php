<?php

declare(strict_types=1);

namespace Heurema\Layout\Intake;

use Heurema\Geometry\Box;

/**
 * The walls around rectangular rooms along x and y. A wall that two rooms share is made once, and is a partition; where only one room has
 * it, it is an outer wall, unless the next room is too near for its thickness. Rooms keep their sizes to the tenth of a millimetre.
 */
final readonly class WallsAroundRooms
{
    /** Lines and ends that lie apart by less than this, mm, are one. */
    private const SAME = 0.06;

    /**
     * @param float $outer thickness of outer walls, mm
     * @param float $inner thickness of partitions, mm
     */
    public function __construct(private float $outer, private float $inner) {}

    /**
     * @param list<Box> $rooms the clear floor of each
     *
     * @return list<array{from: array{float, float}, to: array{float, float}, thickness: float, type: string}>
     *     centre lines that run to one another
     */
    public function walls(array $rooms): array
    {
        $boxes = array_map(static fn(Box $room): array => [$room->left, $room->bottom, $room->right, $room->top], $rooms);
        [$along, $up] = [$this->lines($boxes, true), $this->lines($boxes, false)];

        return [
            ...array_map(fn(array $wall): array => $this->wall($this->met($wall, $up, $boxes, true), true), $along),
            ...array_map(fn(array $wall): array => $this->wall($this->met($wall, $along, $boxes, false), false), $up),
        ];
    }

    /**
     * The walls that run along x, or along y: on each line, every stretch by whether it has a room on both sides.
     *
     * @param list<array{float, float, float, float}> $boxes
     *
     * @return list<array{line: float, from: float, to: float, outer: bool}>
     */
    private function lines(array $boxes, bool $alongX): array
    {
        $half = $this->inner / 2;
        $sides = [];
        foreach ($boxes as [$left, $bottom, $right, $top]) {
            [$from, $to, $low, $high] = $alongX ? [$left, $right, $bottom, $top] : [$bottom, $top, $left, $right];
            // the room lies above its low side and below its high one
            array_push($sides, [$low - $half, [$from - $half, $to + $half, 1]], [$high + $half, [$from - $half, $to + $half, -1]]);
        }
        $walls = [];
        foreach (self::onOneLine($sides) as [$at, $onIt]) {
            foreach (self::stretches($onIt) as [$from, $to, $side]) {
                $isOuter = $side !== 0 && !$this->reachesRoom($boxes, $at, $from, $to, $side, $alongX);
                // an outer wall is thicker outwards, so that the room keeps its size
                $walls[] = [
                    'line' => $at - ($isOuter ? $side * ($this->outer - $this->inner) / 2 : 0.0),
                    'from' => $from,
                    'to' => $to,
                    'outer' => $isOuter,
                ];
            }
        }

        return $walls;
    }

    /**
     * @param list<array{float, array{float, float, int}}> $sides each with where it lies
     *
     * @return list<array{float, non-empty-list<array{float, float, int}>}> the sides on each line
     */
    private static function onOneLine(array $sides): array
    {
        usort($sides, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $lines = [];
        foreach ($sides as [$at, $side]) {
            $last = count($lines) - 1;
            if ($last >= 0 && $at - $lines[$last][0] < self::SAME) {
                $lines[$last] = [$lines[$last][0], [...$lines[$last][1], $side]];
            } else {
                $lines[] = [round($at, 4), [$side]];
            }
        }

        return $lines;
    }

    /**
     * Would a wall of full thickness stand in the room of a neighbour that lies only a little way off?
     *
     * @param list<array{float, float, float, float}> $boxes
     */
    private function reachesRoom(array $boxes, float $at, float $from, float $to, int $side, bool $alongX): bool
    {
        $face = $at + $side * $this->inner / 2;
        [$near, $far] = [min($face, $face - $side * 2 * $this->outer), max($face, $face - $side * 2 * $this->outer)];

        return self::liesInRoom($boxes, [$from, $near + 1e-6, $to, $far - 1e-6], $alongX);
    }

    /**
     * @param list<array{float, float, int}> $sides
     *
     * @return list<array{float, float, int}> from, to, and 1 or -1 for the one side that has a room, 0 for both
     */
    private static function stretches(array $sides): array
    {
        $cuts = array_unique(array_merge(...array_map(static fn(array $side): array => [round($side[0], 4), round($side[1], 4)], $sides)));
        sort($cuts);
        $stretches = [];
        for ($i = 1; $i < count($cuts); ++$i) {
            if ($cuts[$i] - $cuts[$i - 1] < self::SAME) {
                $cuts[$i] = $cuts[$i - 1];
                continue;
            }
            $middle = ($cuts[$i - 1] + $cuts[$i]) / 2;
            $here = array_unique(array_map(
                static fn(array $side): int => $side[2],
                array_filter($sides, static fn(array $side): bool => $side[0] < $middle && $middle < $side[1]),
            ));
            if ($here === []) {
                continue;
            }
            $side = count($here) === 2 ? 0 : (reset($here) === 1 ? 1 : -1);
            $last = count($stretches) - 1;
            if ($last >= 0 && abs($stretches[$last][1] - $cuts[$i - 1]) < self::SAME && $stretches[$last][2] === $side) {
                $stretches[$last][1] = $cuts[$i];
            } else {
                $stretches[] = [$cuts[$i - 1], $cuts[$i], $side];
            }
        }

        return $stretches;
    }

    /**
     * A wall with its ends run on to the centre lines of the walls across that they reach, where no room lies in between.
     *
     * @param array{line: float, from: float, to: float, outer: bool}       $wall
     * @param list<array{line: float, from: float, to: float, outer: bool}> $across
     * @param list<array{float, float, float, float}>                       $boxes
     *
     * @return array{line: float, from: float, to: float, outer: bool}
     */
    private function met(array $wall, array $across, array $boxes, bool $alongX): array
    {
        foreach (['from' => -1, 'to' => 1] as $end => $way) {
            $nearest = null;
            foreach ($across as $other) {
                $isReached = $wall['line'] > $other['from'] - $this->outer && $wall['line'] < $other['to'] + $this->outer;
                $beyond = $way * ($other['line'] - $wall[$end]);
                if ($isReached && $beyond >= 0 && $beyond <= ($this->outer - $this->inner) / 2 + 0.01) {
                    $nearest = min($nearest ?? $beyond, $beyond);
                }
            }
            $runsOnTo = $wall[$end] + $way * ($nearest ?? 0.0);
            $half = ($wall['outer'] ? $this->outer : $this->inner) / 2 - self::SAME;
            $band = [min($wall[$end], $runsOnTo), $wall['line'] - $half, max($wall[$end], $runsOnTo), $wall['line'] + $half];
            $wall[$end] = self::liesInRoom($boxes, $band, $alongX) ? $wall[$end] : $runsOnTo;
        }

        return $wall;
    }

    /**
     * @param list<array{float, float, float, float}> $boxes
     * @param array{float, float, float, float}       $band  along the wall and across it: from, low, to, high
     */
    private static function liesInRoom(array $boxes, array $band, bool $alongX): bool
    {
        foreach ($boxes as [$left, $bottom, $right, $top]) {
            [$start, $end, $low, $high] = $alongX ? [$left, $right, $bottom, $top] : [$bottom, $top, $left, $right];
            if ($start < $band[2] && $end > $band[0] && $low < $band[3] && $high > $band[1]) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array{line: float, from: float, to: float, outer: bool} $wall
     *
     * @return array{from: array{float, float}, to: array{float, float}, thickness: float, type: string}
     */
    private function wall(array $wall, bool $alongX): array
    {
        [$line, $from, $to] = [round($wall['line'], 4), round($wall['from'], 4), round($wall['to'], 4)];

        return [
            'from' => $alongX ? [$from, $line] : [$line, $from],
            'to' => $alongX ? [$to, $line] : [$line, $to],
            'thickness' => $wall['outer'] ? $this->outer : $this->inner,
            'type' => $wall['outer'] ? 'exterior' : 'interior',
        ];
    }
}
