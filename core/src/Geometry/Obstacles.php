<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Segments that stand in the way, asked for what is nearest, what a ray meets and how far a front can move. */
final class Obstacles
{
    private readonly SegmentGrid $grid;

    /** How far, in mm, it is worth looking. */
    private readonly float $extent;

    /** @param list<Segment> $segments */
    public function __construct(public readonly array $segments)
    {
        $this->grid = new SegmentGrid($segments);
        $ends = array_merge(...array_map(static fn(Segment $segment): array => [$segment->from, $segment->to], $segments));
        $box = $ends === [] ? new Box(0, 0, 0, 0) : Box::around($ends);
        $this->extent = hypot($box->width(), $box->height()) + max(abs($box->left), abs($box->right)) + max(abs($box->bottom), abs($box->top));
    }

    /** The nearest segment and the line to it; null when there is none. */
    public function nearest(Point $point): ?Meeting
    {
        for ($reach = $this->grid->cellSize() / 2; ; $reach *= 2) {
            $nearest = null;
            foreach ($this->grid->inBox(self::around($point, $reach)) as $number) {
                $foot = $this->segments[$number]->closestTo($point);
                $distance = $foot->distanceTo($point);
                if ($nearest === null || $distance < $nearest->distance) {
                    $nearest = new Meeting($distance, new Segment($point, $foot), $number);
                }
            }
            if (($nearest !== null && $nearest->distance <= $reach) || $reach > 2 * ($this->extent + hypot($point->x, $point->y)) + 1) {
                return $nearest;
            }
        }
    }

    /**
     * What a ray meets first; what it only starts from is not met.
     *
     * @param Point $direction unit vector
     */
    public function ray(Point $from, Point $direction): ?Meeting
    {
        return $this->sweep(new Sweep($from, $direction, -2 * Sweep::TOUCH, 2 * Sweep::TOUCH), 2 * Sweep::TOUCH);
    }

    /**
     * What a front meets first on its way, at a distance of more than `$beyond`.
     */
    public function sweep(Sweep $sweep, float $beyond = -Sweep::TOUCH): ?Meeting
    {
        $reach = 4 * $this->grid->cellSize();
        $limit = 2 * $this->extent + $sweep->farthestFromOrigin();
        do {
            $nearest = null;
            foreach ($this->grid->inBox($sweep->bounds($reach)) as $number) {
                $met = $sweep->meets($this->segments[$number]);
                if ($met !== null && $met['near'] > $beyond && ($nearest === null || $met['near'] < $nearest->distance)) {
                    $nearest = new Meeting(max(0.0, $met['near']), $sweep->line(max(0.0, $met['near']), $met['across']), $number);
                }
            }
            $isSettled = $nearest !== null && $nearest->distance <= $reach;
            $reach *= 2;
        } while (!$isSettled && $reach < 4 * $limit);

        return $nearest;
    }

    /**
     * Does any segment come into a convex ring, by more than a margin in mm?
     *
     * @param Ring $convex counter-clockwise
     */
    public function enter(Ring $convex, float $margin): bool
    {
        $sides = array_map(static fn(Segment $side): array => [$side->from, $side->direction()], $convex->edges());
        foreach ($this->grid->inBox($convex->bounds()) as $number) {
            if (self::isWithin($sides, $this->segments[$number], $margin)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Clips the segment by every side of a ring moved inwards; something is left when it comes inside.
     *
     * @param list<array{Point, Point}> $sides a point of each and its direction
     */
    private static function isWithin(array $sides, Segment $segment, float $margin): bool
    {
        [$from, $to] = [0.0, 1.0];
        foreach ($sides as [$corner, $along]) {
            $start = $along->x * ($segment->from->y - $corner->y) - $along->y * ($segment->from->x - $corner->x) - $margin;
            $end = $along->x * ($segment->to->y - $corner->y) - $along->y * ($segment->to->x - $corner->x) - $margin;
            if ($start <= 0 && $end <= 0) {
                return false;
            }
            if ($start < 0) {
                $from = max($from, $start / ($start - $end));
            } elseif ($end < 0) {
                $to = min($to, $start / ($start - $end));
            }
        }

        return $to > $from;
    }

    private static function around(Point $point, float $reach): Box
    {
        return new Box($point->x - $reach, $point->y - $reach, $point->x + $reach, $point->y + $reach);
    }
}
