<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;

/** An angle between two walls: where their lines meet, the way to either, and how far from there the arc runs, mm. */
final readonly class ShownAngle
{
    public function __construct(public Point $corner, public Point $from, public Point $to, public float $radius) {}

    /** Degrees, above 0 and below 180. */
    public function degrees(): float
    {
        return rad2deg(acos(max(-1.0, min(1.0, $this->from->dot($this->to)))));
    }

    /** The way to the middle of the arc. */
    public function middle(): Point
    {
        $both = $this->from->plus($this->to);

        return $both->length() > 1e-9 ? $both->times(1 / $both->length()) : $this->from->left();
    }

    /** @return array{Point, Point, Point} of its arc: the start, the middle and the end */
    public function arc(): array
    {
        return array_map(
            fn(Point $way): Point => $this->corner->plus($way->times($this->radius)),
            [$this->from, $this->middle(), $this->to],
        );
    }
}
