<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Brings together coordinates that nearly agree, so that no hairline stays between faces that were meant to be one. */
final readonly class Alignment
{
    /** @var list<float> ascending, the first of each that agree */
    private array $xs;

    /** @var list<float> */
    private array $ys;

    /**
     * @param list<Point> $points in a frame along which the faces run
     * @param float       $within mm
     */
    public function __construct(array $points, private float $within)
    {
        $this->xs = $this->merged(array_map(static fn(Point $point): float => $point->x, $points));
        $this->ys = $this->merged(array_map(static fn(Point $point): float => $point->y, $points));
    }

    public function point(Point $point): Point
    {
        return new Point($this->value($this->xs, $point->x), $this->value($this->ys, $point->y));
    }

    /**
     * @param list<float> $values
     *
     * @return list<float>
     */
    private function merged(array $values): array
    {
        sort($values);
        $merged = [];
        $last = -INF;
        foreach ($values as $value) {
            if ($value - $last > $this->within) {
                $merged[] = $value;
            }
            $last = $value;
        }

        return $merged;
    }

    /**
     * @param list<float> $merged
     *
     * @return float the last of them that is not above a value
     */
    private function value(array $merged, float $value): float
    {
        [$low, $high] = [0, count($merged) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            [$low, $high] = $merged[$middle] <= $value ? [$middle, $high] : [$low, $middle - 1];
        }

        return $merged[$low] ?? $value;
    }
}
