<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A straight front that moves ahead until it meets something. */
final readonly class Sweep
{
    /** What is met before this, mm, is touched from the start. */
    public const TOUCH = Tolerance::TOUCH;

    private Frame $frame;

    /** Nothing that reaches farther into the strip from its sides, mm, is left out. */
    private float $widest;

    /**
     * @param Point $direction unit vector of the movement
     * @param float $from      where the front begins, left of the direction being positive
     * @param float $to        where it ends, above `from`
     */
    public function __construct(Point $start, public Point $direction, private float $from, private float $to)
    {
        $this->frame = Frame::along($start, $direction);
        $this->widest = ($to - $from) / 4;
    }

    /**
     * Where the part of an edge that lies in the strip begins and ends, ahead being positive, and at which place across
     * it begins; null when no part lies in the strip.
     *
     * @return array{near: float, far: float, across: float}|null
     */
    public function meets(Segment $edge): ?array
    {
        $a = $this->frame->fromPlan($edge->from);
        $b = $this->frame->fromPlan($edge->to);
        if ($a->y > $b->y) {
            [$a, $b] = [$b, $a];
        }
        $aside = min($this->widest, max(Tolerance::ASIDE, Tolerance::ofEdge($b->x - $a->x, $b->y - $a->y)));
        if ($b->y < $this->from + $aside || $a->y > $this->to - $aside) {
            return null;
        }
        if ($b->y - $a->y < self::TOUCH || ($b->y - $a->y < $aside && abs($b->x - $a->x) > $aside)) {
            return ['near' => min($a->x, $b->x), 'far' => max($a->x, $b->x), 'across' => ($a->y + $b->y) / 2];
        }
        [$low, $high] = [max($a->y, $this->from), min($b->y, $this->to)];
        $slope = ($b->x - $a->x) / ($b->y - $a->y);
        $ends = [[$a->x + $slope * ($low - $a->y), $low], [$a->x + $slope * ($high - $a->y), $high]];
        [$near, $far] = $ends[0][0] <= $ends[1][0] ? $ends : [$ends[1], $ends[0]];

        return ['near' => $near[0], 'far' => $far[0], 'across' => abs($slope) < 1e-9 ? ($low + $high) / 2 : $near[1]];
    }

    /** A box around everything that the front passes on its way. */
    public function bounds(float $reach): Box
    {
        $corners = [new Point(0, $this->from), new Point(0, $this->to), new Point($reach, $this->from), new Point($reach, $this->to)];

        return Box::around(array_map($this->frame->toPlan(...), $corners));
    }

    public function farthestFromOrigin(): float
    {
        return hypot($this->frame->origin->x, $this->frame->origin->y) + max(abs($this->from), abs($this->to));
    }

    /** The line from the front straight ahead. */
    public function line(float $distance, float $across): Segment
    {
        return new Segment($this->frame->toPlan(new Point(0, $across)), $this->frame->toPlan(new Point($distance, $across)));
    }
}
