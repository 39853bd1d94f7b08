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
     * @param list<Point> $turns where the line one walks bends on a landing
     */
    public function __construct(
        public Ring $outline,
        public Segment $front,
        public Segment $back,
        public int $risers,
        public int $part,
        public StepKind $kind,
        private array $turns = [],
    ) {}

    /** @return non-empty-list<Point> the line one walks over it, in the middle of the width */
    public function path(): array
    {
        return [$this->front->middle(), ...$this->turns, $this->back->middle()];
    }

    /** How long the line one walks over it is, mm. */
    public function run(): float
    {
        $path = $this->path();
        $run = 0.0;
        for ($i = 1, $count = count($path); $i < $count; ++$i) {
            $run += $path[$i - 1]->distanceTo($path[$i]);
        }

        return $run;
    }

    /** Where one is after walking so far over it. */
    public function walked(float $distance): Point
    {
        $path = $this->path();
        for ($i = 1, $count = count($path); $i < $count; ++$i) {
            $length = $path[$i - 1]->distanceTo($path[$i]);
            if ($distance <= $length || $i === $count - 1) {
                return $length > 0 ? $path[$i - 1]->towardsPoint($path[$i], min(1.0, $distance / $length)) : $path[$i];
            }
            $distance -= $length;
        }

        return $path[0];
    }

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
