<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Finds segments near a box without looking at all of them. */
final class SegmentGrid
{
    /** Of a cell, mm: a fifth of a thin wall. */
    private const SMALLEST = 20.0;

    /** A segment that would run through more cells than this is looked at every time. */
    private const LONGEST = 1000;

    /** @var array<int, list<int>> a cell's key to the segments in it; cells that share a key share their segments */
    private array $cells = [];

    /** @var array<int, true> */
    private array $endless = [];

    private float $size;

    /**
     * @param list<Segment> $segments
     * @param float         $finer    how many cells to the usual segment: more where only small boxes are asked about
     */
    public function __construct(array $segments, float $finer = 1.0)
    {
        $this->size = max(self::SMALLEST, self::usualLength($segments) / $finer);
        foreach ($segments as $number => $segment) {
            if ($segment->length() > self::LONGEST * $this->size) {
                $this->endless[$number] = true;

                continue;
            }
            foreach ($this->cellsAlong($segment) as $cell) {
                $this->cells[$cell][] = $number;
            }
        }
    }

    /** @return list<int> numbers of the segments that may come near the given one, each once, ascending */
    public function near(Segment $segment): array
    {
        $found = $this->endless;
        foreach ($segment->length() > self::LONGEST * $this->size ? array_keys($this->cells) : $this->cellsAlong($segment) as $cell) {
            foreach ($this->cells[$cell] ?? [] as $number) {
                $found[$number] = true;
            }
        }
        $numbers = array_keys($found);
        sort($numbers);

        return $numbers;
    }

    /** @return list<int> numbers of the segments that may come near the box, each once */
    public function inBox(Box $box): array
    {
        $found = $this->endless;
        if (max($box->width(), $box->height()) > self::LONGEST * $this->size) {
            return array_values(array_unique(array_merge(array_keys($found), ...array_values($this->cells))));
        }
        for ($column = (int) floor($box->left / $this->size), $last = (int) floor($box->right / $this->size); $column <= $last; ++$column) {
            for ($row = (int) floor($box->bottom / $this->size), $top = (int) floor($box->top / $this->size); $row <= $top; ++$row) {
                foreach ($this->cells[self::key($column, $row)] ?? [] as $number) {
                    $found[$number] = true;
                }
            }
        }

        return array_keys($found);
    }

    /**
     * The mean length, the few that are very much longer counted as ten times the middle one.
     *
     * @param list<Segment> $segments
     */
    private static function usualLength(array $segments): float
    {
        $lengths = array_map(static fn(Segment $s): float => $s->length(), $segments);
        sort($lengths);
        $longest = 10 * ($lengths[intdiv(count($lengths), 2)] ?? 0.0);
        $counted = array_map(static fn(float $length): float => min($length, $longest), $lengths);

        return array_sum($counted) / max(1, count($counted));
    }

    private static function key(int $column, int $row): int
    {
        return ($column << 24) ^ $row;
    }

    /** How wide a cell is, mm: about as much as a segment is long. */
    public function cellSize(): float
    {
        return $this->size;
    }

    /**
     * The cells that a segment runs through, column by column, a little wider than it is.
     *
     * @return list<int> their keys
     */
    private function cellsAlong(Segment $segment): array
    {
        [$a, $b] = $segment->from->x <= $segment->to->x ? [$segment->from, $segment->to] : [$segment->to, $segment->from];
        $slack = 2 * Vertices::SNAP;
        $first = (int) floor(($a->x - $slack) / $this->size);
        $last = (int) floor(($b->x + $slack) / $this->size);
        $isSteep = $b->x - $a->x < $slack;
        $slope = $isSteep ? 0.0 : ($b->y - $a->y) / ($b->x - $a->x);
        $cells = [];
        for ($column = $first; $column <= $last; ++$column) {
            $y1 = $isSteep ? $a->y : $a->y + $slope * (max($a->x, $column * $this->size) - $a->x);
            $y2 = $isSteep ? $b->y : $a->y + $slope * (min($b->x, ($column + 1) * $this->size) - $a->x);
            $low = (int) floor((min($y1, $y2) - $slack) / $this->size);
            $high = (int) floor((max($y1, $y2) + $slack) / $this->size);
            for ($row = $low; $row <= $high; ++$row) {
                $cells[] = ($column << 24) ^ $row;
            }
        }

        return $cells;
    }
}
