<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Numbered points; points closer than the snap are one and the same. */
final class Vertices
{
    public const SNAP = 0.001;

    /** @var list<Point> */
    private array $points = [];

    /** Of a cell of the grid in which points are looked for, mm. */
    private const CELL = 1.0;

    /** @var array<int, list<int>> a cell's key to the points in it; cells that share a key share their points */
    private array $cells = [];

    public function number(Point $point): int
    {
        $lastColumn = (int) floor(($point->x + self::SNAP) / self::CELL);
        $lastRow = (int) floor(($point->y + self::SNAP) / self::CELL);
        for ($column = (int) floor(($point->x - self::SNAP) / self::CELL); $column <= $lastColumn; ++$column) {
            for ($row = (int) floor(($point->y - self::SNAP) / self::CELL); $row <= $lastRow; ++$row) {
                foreach ($this->cells[($column << 24) ^ $row] ?? [] as $known) {
                    if ($this->points[$known]->distanceTo($point) < self::SNAP) {
                        return $known;
                    }
                }
            }
        }
        $this->points[] = $point;
        $number = count($this->points) - 1;
        $this->cells[((int) floor($point->x / self::CELL) << 24) ^ (int) floor($point->y / self::CELL)][] = $number;

        return $number;
    }

    public function point(int $number): Point
    {
        return $this->points[$number];
    }
}
