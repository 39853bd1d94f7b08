<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** An upright rectangle around something. */
final readonly class Box
{
    public function __construct(public float $left, public float $bottom, public float $right, public float $top) {}

    /** @param non-empty-list<Point> $points */
    public static function around(array $points): self
    {
        $xs = array_map(static fn(Point $p): float => $p->x, $points);
        $ys = array_map(static fn(Point $p): float => $p->y, $points);

        return new self(min($xs), min($ys), max($xs), max($ys));
    }

    public function contains(Point $point): bool
    {
        return $point->x >= $this->left && $point->x <= $this->right && $point->y >= $this->bottom && $point->y <= $this->top;
    }

    public function width(): float
    {
        return $this->right - $this->left;
    }

    public function height(): float
    {
        return $this->top - $this->bottom;
    }

    public function grown(float $by): self
    {
        return new self($this->left - $by, $this->bottom - $by, $this->right + $by, $this->top + $by);
    }

    public function middle(): Point
    {
        return new Point(($this->left + $this->right) / 2, ($this->bottom + $this->top) / 2);
    }
}
