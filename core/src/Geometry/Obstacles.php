<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * Segments that stand in the way, or solids with all their edges, asked for what is nearest, what a ray meets and how far a front can move.
 */
final class Obstacles
{
    private readonly SegmentGrid $grid;

    /** How far, in mm, it is worth looking. */
    private readonly float $extent;

    /** The greatest x of all. */
    private readonly float $right;

    /**
     * @param list<Segment> $segments
     * @param bool          $areSolid are they the edges of solids, each of which lies to the left of its edges?
     */
    public function __construct(public readonly array $segments, private readonly bool $areSolid = false)
    {
        $this->grid = new SegmentGrid($segments);
        $ends = array_merge(...array_map(static fn(Segment $segment): array => [$segment->from, $segment->to], $segments));
        $box = $ends === [] ? new Box(0, 0, 0, 0) : Box::around($ends);
        $this->right = $box->right;
        $this->extent = hypot($box->width(), $box->height()) + max(abs($box->left), abs($box->right))
            + max(abs($box->bottom), abs($box->top));
    }

    /** @param list<Polygon> $solids */
    public static function solid(array $solids): self
    {
        return new self(array_merge(...array_map(static fn(Polygon $solid): array => $solid->edges(), $solids)), true);
    }

    /** Does a point lie in a solid? By the even-odd rule; on an edge either answer may come. */
    public function contains(Point $point): bool
    {
        $nearest = $this->nearest($point);
        $edge = $nearest === null ? null : $this->segments[$nearest->segment];
        // beside the nearest edge one side is in the solid and the other is not; at a corner of it that does not tell
        if (
            $nearest !== null
            && $edge !== null
            && $nearest->distance > Tolerance::TOUCH
            && min($nearest->line->to->distanceTo($edge->from), $nearest->line->to->distanceTo($edge->to)) > Tolerance::TOUCH
        ) {
            return $this->areSolid && $edge->leftOf($point) > 0;
        }
        $inside = false;
        foreach ($this->grid->near(new Segment($point, new Point(max($point->x, $this->right) + 1, $point->y))) as $number) {
            [$from, $to] = [$this->segments[$number]->from, $this->segments[$number]->to];
            if (
                ($to->y > $point->y) !== ($from->y > $point->y)
                && $point->x < ($from->x - $to->x) * ($point->y - $to->y) / ($from->y - $to->y) + $to->x
            ) {
                $inside = !$inside;
            }
        }

        return $inside;
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
     * What a front meets first on its way, at a distance of more than `$beyond`. A front that begins in a solid, all of it or a
     * part, meets it at once.
     */
    public function sweep(Sweep $sweep, float $beyond = -Sweep::TOUCH): ?Meeting
    {
        $reach = 4 * $this->grid->cellSize();
        $limit = 2 * $this->extent + $sweep->farthestFromOrigin();
        do {
            $nearest = null;
            $left = INF;
            foreach ($this->grid->inBox($sweep->bounds($reach)) as $number) {
                $met = $sweep->meets($this->segments[$number]);
                if ($met !== null && $beyond < 0 && $met['near'] <= -Sweep::TOUCH && $met['far'] > Sweep::TOUCH) {
                    return new Meeting(0.0, $sweep->line(0.0, $met['across']), $number);
                }
                $isBehind = $met === null
                    || $met['near'] <= $beyond
                    || ($met['near'] <= Sweep::TOUCH && $this->isLeft($sweep, $this->segments[$number]));
                $left = $met !== null && !$isBehind && $met['near'] < $left && $this->isLeft($sweep, $this->segments[$number])
                    ? $met['near']
                    : $left;
                if ($met !== null && !$isBehind && ($nearest === null || $met['near'] < $nearest->distance)) {
                    $nearest = new Meeting(max(0.0, $met['near']), $sweep->line(max(0.0, $met['near']), $met['across']), $number);
                }
            }
            $isSettled = $nearest !== null && $nearest->distance <= $reach;
            $reach *= 2;
        } while (!$isSettled && $reach < 4 * $limit);

        // of edges that end in one corner any may be the nearest
        return $nearest !== null && $beyond < 0 && $nearest->distance > Sweep::TOUCH && $left <= $nearest->distance + Sweep::TOUCH
            ? new Meeting(0.0, new Segment($nearest->line->from, $nearest->line->from), $nearest->segment)
            : $nearest;
    }

    /**
     * Does the front come out of a solid over this edge of it? One that runs along with the movement, but for a little, it does not cross.
     */
    private function isLeft(Sweep $sweep, Segment $edge): bool
    {
        return $this->areSolid && $sweep->direction->cross($edge->vector()) > Tolerance::GRAZE;
    }

    /** @return list<Segment> those that may come into a box, and others near it */
    public function near(Box $box): array
    {
        return array_map(fn(int $number): Segment => $this->segments[$number], $this->grid->inBox($box));
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
