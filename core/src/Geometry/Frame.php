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
        return $this->origin->plus($this->xAxis->times($own->x))->plus($this->yAxis->times($own->y));
    }

    public function fromPlan(Point $point): Point
    {
        $away = $point->minus($this->origin);

        return new Point($away->dot($this->xAxis), $away->dot($this->yAxis));
    }
}
