<?php

declare(strict_types=1);

namespace Heurema\Spatial\Stair;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;

/** A tread, or a landing, on plan. */
final readonly class Step
{
    /**
     * @param Segment $front  its nosing, from left to right as one climbs
     * @param Segment $back   the riser that leaves it, likewise
     * @param int     $risers how many risers it lies above the foot
     * @param int     $part   which of the stair's parts it belongs to
     */
    public function __construct(public Ring $outline, public Segment $front, public Segment $back, public int $risers, public int $part, public StepKind $kind) {}

    /** 0 at its nosing, 1 at the riser that leaves it. */
    public function share(Point $point): float
    {
        $front = abs($this->front->leftOf($point));
        $back = abs($this->back->leftOf($point));

        return $front + $back < 1e-9 ? 0.0 : $front / ($front + $back);
    }

    /** What is left of it when strips along both sides are left aside. */
    public function inset(float $by): Ring
    {
        return new Ring([
            $this->front->at($by),
            $this->front->at(max($by, $this->front->length() - $by)),
            $this->back->at(max($by, $this->back->length() - $by)),
            $this->back->at($by),
        ]);
    }
}
