<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A closed line through three or more points; counter-clockwise rings have a positive area. */
final readonly class Ring
{
    /** A smaller turn, mm², is none. */
    private const STRAIGHT = 1e-3;

    /** @param non-empty-list<Point> $points without repeating the first at the end */
    public function __construct(public array $points) {}

    /** A rectangle with its sides along two vectors from a corner, counter-clockwise when `$side` is left of `$base`. */
    public static function rectangle(Point $corner, Point $base, Point $side): self
    {
        return new self([$corner, $corner->plus($base), $corner->plus($base)->plus($side), $corner->plus($side)]);
    }

    /** A many-cornered line around a circle, its corners on it. */
    public static function circle(Point $centre, float $radius, int $corners = 48): self
    {
        return new self(array_map(
            static fn(int $corner): Point => $centre->plus(Point::towards(360 / $corners * $corner)->times($radius)),
            range(0, max(2, $corners - 1)),
        ));
    }

    public function signedArea(): float
    {
        $sum = 0.0;
        $before = $this->points[count($this->points) - 1];
        foreach ($this->points as $point) {
            $sum += $before->cross($point);
            $before = $point;
        }

        return $sum / 2;
    }

    public function area(): float
    {
        return abs($this->signedArea());
    }

    public function counterClockwise(): self
    {
        return $this->signedArea() < 0 ? new self(array_reverse($this->points)) : $this;
    }

    /** Does it turn left at every corner, and never back? Counter-clockwise rings with some area only. */
    public function isConvex(): bool
    {
        $count = count($this->points);
        for ($i = 0; $i < $count; ++$i) {
            [$before, $corner, $after] = [
                $this->points[$i === 0 ? $count - 1 : $i - 1],
                $this->points[$i],
                $this->points[$i === $count - 1 ? 0 : $i + 1],
            ];
            [$x1, $y1, $x2, $y2] = [$corner->x - $before->x, $corner->y - $before->y, $after->x - $corner->x, $after->y - $corner->y];
            $turn = $x1 * $y2 - $y1 * $x2;
            if ($turn < -self::STRAIGHT || ($turn <= self::STRAIGHT && $x1 * $x2 + $y1 * $y2 < 0)) {
                return false;
            }
        }

        return $this->signedArea() > self::STRAIGHT;
    }

    /** Does no edge cross or run on another one? */
    public function isSimple(): bool
    {
        $edges = $this->edges();
        $count = count($edges);
        $grid = new SegmentGrid($edges);
        foreach ($edges as $number => $edge) {
            foreach ($grid->near($edge) as $other) {
                $isNext = $other === ($number + 1) % $count || $number === ($other + 1) % $count;
                if (
                    $other > $number
                    && ($isNext ? self::turnsBack($edge, $edges[$other]) : $edge->shortestTo($edges[$other])->length() < Tolerance::TOUCH)
                ) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Does an edge run back on the one before it? */
    private static function turnsBack(Segment $one, Segment $next): bool
    {
        $lengths = $one->length() * $next->length();

        return $lengths > 0 && $one->vector()->dot($next->vector()) < 0 && abs($one->vector()->cross($next->vector())) < 1e-9 * $lengths;
    }

    /** @return list<Segment> */
    public function edges(): array
    {
        $edges = [];
        $before = $this->points[count($this->points) - 1];
        foreach ($this->points as $point) {
            $edges[] = new Segment($before, $point);
            $before = $point;
        }

        return $edges;
    }

    /** Inside, by the even-odd rule; on the line itself either answer may come. */
    public function contains(Point $point): bool
    {
        $inside = false;
        $before = $this->points[count($this->points) - 1];
        foreach ($this->points as $corner) {
            if (($corner->y > $point->y) !== ($before->y > $point->y)
                && $point->x < ($before->x - $corner->x) * ($point->y - $corner->y) / ($before->y - $corner->y) + $corner->x) {
                $inside = !$inside;
            }
            $before = $corner;
        }

        return $inside;
    }

    /** The ring without points that lie on the straight line between their neighbours. */
    public function simplified(float $tolerance = 0.01): self
    {
        $points = $this->points;
        do {
            $before = count($points);
            $points = self::withoutStraightPoints($points, $tolerance);
        } while (count($points) < $before && count($points) > 3);

        return new self($points);
    }

    /** The mean of its corners; inside it when it is convex. */
    public function middle(): Point
    {
        $sum = new Point(0, 0);
        foreach ($this->points as $point) {
            $sum = $sum->plus($point);
        }

        return $sum->times(1 / count($this->points));
    }

    public function bounds(): Box
    {
        return Box::around($this->points);
    }

    /**
     * @param non-empty-list<Point> $points
     *
     * @return non-empty-list<Point>
     */
    private static function withoutStraightPoints(array $points, float $tolerance): array
    {
        $kept = [];
        $count = count($points);
        foreach ($points as $i => $point) {
            $before = $kept === [] ? $points[$count - 1] : $kept[count($kept) - 1];
            $after = $points[($i + 1) % $count];
            if ((new Segment($before, $after))->distanceTo($point) > $tolerance) {
                $kept[] = $point;
            }
        }

        return count($kept) < 3 ? $points : $kept;
    }
}
