<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A place on the plan, or the vector to it, in millimetres with y up. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    /** The unit vector at an angle in degrees, counter-clockwise from +x. */
    public static function towards(float $degrees): self
    {
        return new self(cos(deg2rad($degrees)), sin(deg2rad($degrees)));
    }

    /** Which way it points, in degrees from 0 up to 360, counter-clockwise from +x, to the four decimals of a layout document. */
    public function degrees(): float
    {
        return fmod(round(rad2deg(atan2($this->y, $this->x)), 4) + 360.0, 360.0);
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y;
    }

    /** Positive when the other lies counter-clockwise of this. */
    public function cross(self $other): float
    {
        return $this->x * $other->y - $this->y * $other->x;
    }

    /** This vector turned a quarter counter-clockwise: its left. */
    public function left(): self
    {
        return new self(-$this->y, $this->x);
    }

    public function length(): float
    {
        return hypot($this->x, $this->y);
    }

    public function unit(): self
    {
        $length = $this->length();

        return new self($this->x / $length, $this->y / $length);
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    public function towardsPoint(self $other, float $share): self
    {
        return new self($this->x + ($other->x - $this->x) * $share, $this->y + ($other->y - $this->y) * $share);
    }

    /** @return array{float, float} rounded to the four decimals that the layout document keeps */
    public function toArray(): array
    {
        return [round($this->x, 4) + 0.0, round($this->y, 4) + 0.0];
    }
}
