<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Layout\SlopedCeiling;

/** Something over a stair: its underside, level or sloped, over a piece of the plan. */
final readonly class Cover
{
    /**
     * @param float              $base     what the underside is told from, mm above the stair's foot
     * @param float              $top     who stands as high as this has it underfoot, mm above the stair's foot
     */
    public function __construct(
        public Polygon $over,
        private float $base,
        private float|SlopedCeiling $underside,
        public float $top,
        public string $name,
        public CoverKind $kind,
    ) {}

    /** Nowhere is it lower, as far as can be told without looking: above the stair's foot, mm. */
    public function floorOfHeights(): float
    {
        return $this->underside instanceof SlopedCeiling ? -INF : $this->base + $this->underside;
    }

    /** Above the stair's foot, mm. */
    public function height(Point $at): float
    {
        return $this->base + ($this->underside instanceof SlopedCeiling ? $this->underside->heightAt($at) : $this->underside);
    }
}
