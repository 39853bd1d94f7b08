<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Numbered points; points closer than the snap are one and the same. */
final class Vertices
{
    public const SNAP = 0.001;

    /** @var list<Point> */
    private array $points = [];

    /** @var array<string, list<int>> cell of the snapping grid to the points in it */
    private array $cells = [];

    public function number(Point $point): int
    {
        $column = (int) floor($point->x / self::SNAP);
        $row = (int) floor($point->y / self::SNAP);
        for ($x = $column - 1; $x <= $column + 1; ++$x) {
            for ($y = $row - 1; $y <= $row + 1; ++$y) {
                foreach ($this->cells["{$x},{$y}"] ?? [] as $known) {
                    if ($this->points[$known]->distanceTo($point) < self::SNAP) {
                        return $known;
                    }
                }
            }
        }
        $this->points[] = $point;
        $this->cells["{$column},{$row}"][] = count($this->points) - 1;

        return count($this->points) - 1;
    }

    public function point(int $number): Point
    {
        return $this->points[$number];
    }
}
