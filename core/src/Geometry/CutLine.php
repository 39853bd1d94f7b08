<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A line between two vertices, with the vertices found on it so far. */
final class CutLine
{
    private readonly float $dx;

    private readonly float $dy;

    private readonly float $length;

    /** Around it, as much larger as points are snapped. */
    public readonly float $left;
    public readonly float $right;
    private readonly float $bottom;
    private readonly float $top;

    /** @var array<int, Point> by vertex */
    private array $cuts;

    public function __construct(
        public readonly Line $line,
        public readonly int $from,
        public readonly int $to,
        public readonly Point $start,
        public readonly Point $end,
    ) {
        $this->dx = $end->x - $start->x;
        $this->dy = $end->y - $start->y;
        $this->length = hypot($this->dx, $this->dy);
        $this->left = min($start->x, $end->x) - Vertices::SNAP;
        $this->right = max($start->x, $end->x) + Vertices::SNAP;
        $this->bottom = min($start->y, $end->y) - Vertices::SNAP;
        $this->top = max($start->y, $end->y) + Vertices::SNAP;
        $this->cuts = [$from => $start, $to => $end];
    }

    /** Are the boxes around the two too far from one another for them to touch? */
    public function isApart(self $other): bool
    {
        return $this->right < $other->left || $other->right < $this->left || $this->top < $other->bottom || $other->top < $this->bottom;
    }

    /** How far a point stands to the left of the line, mm; negative to the right. */
    public function aside(Point $point): float
    {
        return ($this->dx * ($point->y - $this->start->y) - $this->dy * ($point->x - $this->start->x)) / $this->length;
    }

    /** Does a point lie on the line, as near as points are told apart? */
    public function holds(Point $point): bool
    {
        [$x, $y] = [$point->x - $this->start->x, $point->y - $this->start->y];
        $share = ($x * $this->dx + $y * $this->dy) / ($this->length * $this->length);
        $share = $share < 0.0 ? 0.0 : ($share > 1.0 ? 1.0 : $share);

        return hypot($share * $this->dx - $x, $share * $this->dy - $y) < Vertices::SNAP;
    }

    public function at(float $share): Point
    {
        return new Point($this->start->x + $share * $this->dx, $this->start->y + $share * $this->dy);
    }

    public function cut(int $vertex, Point $point): void
    {
        $this->cuts[$vertex] = $point;
    }

    /** @return list<int> the vertices on it, in its direction */
    public function vertices(): array
    {
        if (count($this->cuts) === 2) {
            return [$this->from, $this->to];
        }
        $along = [];
        foreach ($this->cuts as $vertex => $point) {
            $along[$vertex] = $point->x * $this->dx + $point->y * $this->dy;
        }
        asort($along);

        return array_keys($along);
    }
}
