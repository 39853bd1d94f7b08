<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** How points and directions come to another place: moved, turned about a point or mirrored about a line; distances stay. */
final readonly class Motion
{
    /**
     * @param Point $x where the sheet's x axis comes to point
     * @param Point $y where its y axis comes to point
     */
    private function __construct(private Point $x, private Point $y, private Point $by) {}

    public static function by(Point $by): self
    {
        return new self(new Point(1, 0), new Point(0, 1), $by);
    }

    /** @param float $degrees to the left */
    public static function turned(Point $about, float $degrees): self
    {
        [$x, $y] = [Point::towards($degrees), Point::towards($degrees + 90)];

        return new self($x, $y, $about->minus($x->times($about->x))->minus($y->times($about->y)));
    }

    public static function mirrored(Segment $axis): self
    {
        $along = $axis->direction();
        // the axis stays, what is across it changes its side
        $x = $along->times(2 * $along->x)->minus(new Point(1, 0));
        $y = $along->times(2 * $along->y)->minus(new Point(0, 1));

        return new self($x, $y, $axis->from->minus($x->times($axis->from->x))->minus($y->times($axis->from->y)));
    }

    public function isMirrored(): bool
    {
        return $this->x->cross($this->y) < 0;
    }

    /** What ran across runs up then, and the other way round. */
    public function swapsAxes(): bool
    {
        return abs($this->x->x) < 1e-9;
    }

    /** What runs across or up still does. */
    public function keepsSquare(): bool
    {
        return abs($this->x->x * $this->x->y) < 1e-9;
    }

    public function point(Point $at): Point
    {
        $there = $this->x->times($at->x)->plus($this->y->times($at->y))->plus($this->by);

        return new Point(round($there->x, 4) + 0.0, round($there->y, 4) + 0.0);
    }

    /** A direction in degrees. */
    public function direction(float $degrees): float
    {
        $way = Point::towards($degrees);

        return $this->x->times($way->x)->plus($this->y->times($way->y))->degrees();
    }
}
