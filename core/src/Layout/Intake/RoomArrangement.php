<?php

declare(strict_types=1);

namespace Heurema\Layout\Intake;

use Heurema\Layout\Layout;
use Heurema\Layout\LayoutReader;
use Heurema\Units\UnitSystem;

/**
 * Lays listed rooms out as rectangles in rows, pushed together; a wall that two rooms share is made once, and is a
 * partition; where only one room has it, it is an outer wall, unless the next room is too near for its thickness. Rooms keep their sizes to the tenth of a millimetre.
 */
final readonly class RoomArrangement
{
    /** How much wider than deep the whole is meant to be. */
    private const PROPORTION = 1.4;

    /**
     * @param float $outer       thickness of outer walls, mm
     * @param float $inner       thickness of partitions, mm
     * @param RoomSize $size      from which lines of the walls the listed sides run
     */
    public function __construct(private UnitSystem $units, private float $outer, private float $inner, private RoomSize $size = RoomSize::Inside) {}

    /** @param non-empty-list<ListedRoom> $rooms */
    public function layout(string $name, array $rooms): Layout
    {
        $boxes = $this->place($rooms);
        $walls = [...$this->walls($boxes, true), ...$this->walls($boxes, false)];
        $isImperial = $this->units === UnitSystem::Imperial;
        $storey = [
            'id' => 'G', 'name' => 'Ground floor', 'elevation' => 0, 'ceiling' => $isImperial ? 2438.4 : 2500, 'floor_thickness' => $isImperial ? 304.8 : 300,
            'walls' => array_map(static fn(array $wall, int $number): array => ['id' => 'w'.($number + 1), ...$wall], $walls, array_keys($walls)),
            'rooms' => array_map(static fn(ListedRoom $room, array $box, int $number): array => [
                'id' => 'r'.($number + 1), 'name' => $room->name, 'use' => $room->use->value, 'at' => [round(($box[0] + $box[2]) / 2, 4), round(($box[1] + $box[3]) / 2, 4)],
            ], $rooms, $boxes, array_keys($rooms)),
        ];

        return (new LayoutReader())->read(json_encode(['format' => Layout::FORMAT, 'version' => Layout::VERSION, 'name' => $name, 'units' => $this->units->value, 'storeys' => [$storey]], JSON_THROW_ON_ERROR));
    }

    /**
     * @param non-empty-list<ListedRoom> $rooms
     *
     * @return list<array{float, float, float, float}> left, bottom, right, top between the faces of partitions
     */
    private function place(array $rooms): array
    {
        $cut = $this->size->walls() * $this->inner;
        $area = array_sum(array_map(static fn(ListedRoom $room): float => $room->width * $room->depth, $rooms));
        $rowWidth = sqrt($area * self::PROPORTION);
        [$x, $y, $rowDepth] = [0.0, 0.0, 0.0];
        $boxes = [];
        foreach ($rooms as $room) {
            [$width, $depth] = [$room->width - $cut, $room->depth - $cut];
            if ($x > 0 && $x + $width / 2 > $rowWidth) {
                [$x, $y, $rowDepth] = [0.0, $y + $rowDepth + $this->inner, 0.0];
            }
            $boxes[] = [$x, $y, $x + $width, $y + $depth];
            $x += $width + $this->inner;
            $rowDepth = max($rowDepth, $depth);
        }

        return $boxes;
    }

    /**
     * The walls that run along x, or along y: on each line, every stretch by whether it has a room on both sides.
     *
     * @param list<array{float, float, float, float}> $boxes
     *
     * @return list<array<string, mixed>>
     */
    private function walls(array $boxes, bool $alongX): array
    {
        $half = $this->inner / 2;
        $lines = [];
        foreach ($boxes as [$left, $bottom, $right, $top]) {
            [$from, $to, $low, $high] = $alongX ? [$left, $right, $bottom, $top] : [$bottom, $top, $left, $right];
            // the room lies above its low side and below its high one
            $lines[(string) round($low - $half, 3)][] = [$from - $half, $to + $half, 1];
            $lines[(string) round($high + $half, 3)][] = [$from - $half, $to + $half, -1];
        }
        $walls = [];
        foreach ($lines as $at => $sides) {
            foreach (self::stretches($sides) as [$from, $to, $side]) {
                $isOuter = $side !== 0 && !$this->reachesRoom($boxes, (float) $at, $from, $to, $side, $alongX);
                // an outer wall is thicker outwards, so that the room keeps its size
                $line = (float) $at - ($isOuter ? $side * ($this->outer - $this->inner) / 2 : 0.0);
                $walls[] = $this->wall($line, $from, $to, $alongX, !$isOuter);
            }
        }

        return $walls;
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
        foreach ($boxes as [$left, $bottom, $right, $top]) {
            [$start, $end, $low, $high] = $alongX ? [$left, $right, $bottom, $top] : [$bottom, $top, $left, $right];
            if ($start < $to && $end > $from && $low < $far - 1e-6 && $high > $near + 1e-6) {
                return true;
            }
        }

        return false;
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
            $middle = ($cuts[$i - 1] + $cuts[$i]) / 2;
            $here = array_unique(array_map(static fn(array $side): int => $side[2], array_filter($sides, static fn(array $side): bool => $side[0] < $middle && $middle < $side[1])));
            if ($here === []) {
                continue;
            }
            $side = count($here) === 2 ? 0 : (reset($here) === 1 ? 1 : -1);
            $last = count($stretches) - 1;
            if ($last >= 0 && abs($stretches[$last][1] - $cuts[$i - 1]) < 1e-6 && $stretches[$last][2] === $side) {
                $stretches[$last][1] = $cuts[$i];
            } else {
                $stretches[] = [$cuts[$i - 1], $cuts[$i], $side];
            }
        }

        return $stretches;
    }

    /** @return array<string, mixed> */
    private function wall(float $line, float $from, float $to, bool $alongX, bool $isThin): array
    {
        [$line, $from, $to] = [round($line, 4), round($from, 4), round($to, 4)];

        return [
            'from' => $alongX ? [$from, $line] : [$line, $from],
            'to' => $alongX ? [$to, $line] : [$line, $to],
            'thickness' => $isThin ? $this->inner : $this->outer,
            'type' => $isThin ? 'interior' : 'exterior',
        ];
    }
}
