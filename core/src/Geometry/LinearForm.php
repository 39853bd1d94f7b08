<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A constant and a multiple of one or two values, of the sides of a rectangle in the order left, right, bottom, top. */
final readonly class LinearForm
{
    /**
     * @param int   $first  which value
     * @param int   $second another one; where there is none its factor is 0
     */
    public function __construct(
        public float $constant,
        public int $first,
        public float $factor,
        public int $second = 0,
        public float $other = 0.0,
    ) {}

    /** @param array{float, float, float, float} $values */
    public function at(array $values): float
    {
        return $this->constant + $this->factor * $values[$this->first] + $this->other * $values[$this->second];
    }
}
