<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Coordinates of their own, turned and moved against the plan's, never mirrored. */
final readonly class Frame
{
    private function __construct(public Point $origin, public Point $xAxis, public Point $yAxis) {}

    /** @param Point $yAxis unit vector */
    public static function facing(Point $origin, Point $yAxis): self
    {
        return new self($origin, $yAxis->left()->times(-1), $yAxis);
    }

    /** @param Point $xAxis unit vector */
    public static function along(Point $origin, Point $xAxis): self
    {
        return new self($origin, $xAxis, $xAxis->left());
    }

    public function toPlan(Point $own): Point
    {
        return new Point(
            $this->origin->x + $own->x * $this->xAxis->x + $own->y * $this->yAxis->x,
            $this->origin->y + $own->x * $this->xAxis->y + $own->y * $this->yAxis->y,
        );
    }

    public function fromPlan(Point $point): Point
    {
        [$x, $y] = [$point->x - $this->origin->x, $point->y - $this->origin->y];

        return new Point($x * $this->xAxis->x + $y * $this->xAxis->y, $x * $this->yAxis->x + $y * $this->yAxis->y);
    }
}
