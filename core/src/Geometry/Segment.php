<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A straight stretch from one point to another. */
final readonly class Segment
{
    public function __construct(public Point $from, public Point $to) {}

    public function length(): float
    {
        return $this->from->distanceTo($this->to);
    }

    public function vector(): Point
    {
        return $this->to->minus($this->from);
    }

    public function direction(): Point
    {
        [$dx, $dy] = [$this->to->x - $this->from->x, $this->to->y - $this->from->y];
        $length = hypot($dx, $dy);

        return new Point($dx / $length, $dy / $length);
    }

    public function middle(): Point
    {
        return $this->from->towardsPoint($this->to, 0.5);
    }

    /** The point at a distance from `from`, along the segment or beyond it. */
    public function at(float $distance): Point
    {
        [$dx, $dy] = [$this->to->x - $this->from->x, $this->to->y - $this->from->y];
        $length = hypot($dx, $dy);

        return new Point($this->from->x + $dx / $length * $distance, $this->from->y + $dy / $length * $distance);
    }

    /** How far along the segment's direction a point stands from `from`. */
    public function along(Point $point): float
    {
        [$dx, $dy] = [$this->to->x - $this->from->x, $this->to->y - $this->from->y];

        return (($point->x - $this->from->x) * $dx + ($point->y - $this->from->y) * $dy) / hypot($dx, $dy);
    }

    /** How far to the left of the segment's line a point stands; negative to the right. */
    public function leftOf(Point $point): float
    {
        [$dx, $dy] = [$this->to->x - $this->from->x, $this->to->y - $this->from->y];

        return ($dx * ($point->y - $this->from->y) - $dy * ($point->x - $this->from->x)) / hypot($dx, $dy);
    }

    /** The segment moved sideways, to the left when positive. */
    public function offset(float $left): self
    {
        $along = $this->direction();
        [$x, $y] = [-$along->y * $left, $along->x * $left];

        return new self(new Point($this->from->x + $x, $this->from->y + $y), new Point($this->to->x + $x, $this->to->y + $y));
    }

    public function closestTo(Point $point): Point
    {
        [$dx, $dy] = [$this->to->x - $this->from->x, $this->to->y - $this->from->y];
        $square = $dx * $dx + $dy * $dy;
        $share = $square > 0.0 ? (($point->x - $this->from->x) * $dx + ($point->y - $this->from->y) * $dy) / $square : 0.0;
        if ($share <= 0.0) {
            return $this->from;
        }

        return $share >= 1.0 ? $this->to : new Point($this->from->x + $share * $dx, $this->from->y + $share * $dy);
    }

    public function distanceTo(Point $point): float
    {
        return $this->closestTo($point)->distanceTo($point);
    }

    /** The shortest line from this segment to another; without length where they cross. */
    public function shortestTo(self $other): self
    {
        $crossing = $this->crossing($other);
        if ($crossing !== null) {
            return new self($crossing, $crossing);
        }
        $shortest = new self($this->from, $other->closestTo($this->from));
        foreach ([
            [$this->to, $other->closestTo($this->to)],
            [$this->closestTo($other->from), $other->from],
            [$this->closestTo($other->to), $other->to],
        ] as [$from, $to]) {
            $shortest = $from->distanceTo($to) < $shortest->length() ? new self($from, $to) : $shortest;
        }

        return $shortest;
    }

    private function crossing(self $other): ?Point
    {
        [$a, $b] = [$this->leftOf($other->from), $this->leftOf($other->to)];
        [$c, $d] = [$other->leftOf($this->from), $other->leftOf($this->to)];

        return ($a > 0) !== ($b > 0) && ($c > 0) !== ($d > 0) ? $this->lineCrossing($other) : null;
    }

    /** Where the two endless lines cross; null when they run parallel. */
    public function lineCrossing(self $other): ?Point
    {
        $a = $this->vector();
        $b = $other->vector();
        $cross = $a->cross($b);
        if (abs($cross) < 1e-9 * $a->length() * $b->length()) {
            return null;
        }

        return $this->from->plus($a->times($other->from->minus($this->from)->cross($b) / $cross));
    }

    /** @return non-empty-list<self> so many parts of one length, in order */
    public function pieces(int $count): array
    {
        return array_map(fn(int $number): self => new self(
            $this->from->plus($this->vector()->times($number / $count)),
            $this->from->plus($this->vector()->times(($number + 1) / $count)),
        ), range(0, max(0, $count - 1)));
    }

    public function reversed(): self
    {
        return new self($this->to, $this->from);
    }
}
