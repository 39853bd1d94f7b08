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
        [$left, $bottom, $right, $top] = [INF, INF, -INF, -INF];
        foreach ($points as $point) {
            $left = $point->x < $left ? $point->x : $left;
            $right = $point->x > $right ? $point->x : $right;
            $bottom = $point->y < $bottom ? $point->y : $bottom;
            $top = $point->y > $top ? $point->y : $top;
        }

        return new self($left, $bottom, $right, $top);
    }

    public function contains(Point $point): bool
    {
        return $point->x >= $this->left && $point->x <= $this->right && $point->y >= $this->bottom && $point->y <= $this->top;
    }

    /** Does all of the other lie within? */
    public function covers(self $other): bool
    {
        return $this->left <= $other->left && $this->right >= $other->right && $this->bottom <= $other->bottom && $this->top >= $other->top;
    }

    /** Have the two some area in common? */
    public function overlaps(self $other): bool
    {
        return $this->right > $other->left && $other->right > $this->left && $this->top > $other->bottom && $other->top > $this->bottom;
    }

    /** The area that the two have in common, mm². */
    public function common(self $other): float
    {
        return max(0.0, min($this->right, $other->right) - max($this->left, $other->left))
            * max(0.0, min($this->top, $other->top) - max($this->bottom, $other->bottom));
    }

    /** Around a point, so wide and high. */
    public static function at(Point $middle, float $width, float $height): self
    {
        return new self($middle->x - $width / 2, $middle->y - $height / 2, $middle->x + $width / 2, $middle->y + $height / 2);
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

    /** @return array{Point, Point, Point, Point} counter-clockwise */
    public function corners(): array
    {
        return [
            new Point($this->left, $this->bottom), new Point($this->right, $this->bottom),
            new Point($this->right, $this->top), new Point($this->left, $this->top),
        ];
    }

    public function middle(): Point
    {
        return new Point(($this->left + $this->right) / 2, ($this->bottom + $this->top) / 2);
    }
}
