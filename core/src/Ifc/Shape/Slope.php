<?php

declare(strict_types=1);

namespace Heurema\Ifc\Shape;

use Heurema\Geometry\Point;

/** A rectangle that slopes evenly along its length. In mm. */
final readonly class Slope
{
    /**
     * @param Point $foot  the middle of its lower end, on plan
     * @param Point $way   in which it climbs, of length 1
     * @param float $level height of its lower end
     */
    public function __construct(
        public Point $foot,
        public Point $way,
        public float $length,
        public float $width,
        public float $level,
        public float $rise,
    ) {}

    /** The middle of its upper end, on plan. */
    public function head(): Point
    {
        return $this->foot->plus($this->way->times($this->length));
    }

    public function top(): float
    {
        return $this->level + $this->rise;
    }
}
