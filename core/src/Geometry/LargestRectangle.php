<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * The largest rectangle, by area, that lies in a polygon with its sides along a given direction.
 *
 * Where every edge runs along or across the direction its sides lie at corners, and the pairs of corners that could do better than
 * the best so far are tried. Where edges run aslant the best of such pairs are grown, each to the largest that keeps to the same
 * side of all edges.
 */
final class LargestRectangle
{
    /** So many rectangles are grown, where edges run aslant. */
    private const STARTS = 10;

    /** Into so many parts an edge aslant is cut to begin with. */
    private const PARTS = 6;

    /** Edges that lean no more than this, mm, need no cutting. */
    private const LEANS = 20.0;

    private readonly FreeGaps $gaps;

    private readonly Frame $frame;

    private function __construct(Polygon $polygon, Point $along)
    {
        $this->frame = Frame::along($polygon->outer->points[0], $along);
        $this->gaps = new FreeGaps($polygon, $this->frame);
    }

    /**
     * @param Point $along unit vector
     *
     * @return array{ring: Ring, width: float, height: float} width along the direction, height across it
     */
    public static function in(Polygon $polygon, Point $along): array
    {
        $search = new self($polygon, $along);
        $found = $search->bestOfCorners();
        if ($found === []) {
            return ['ring' => $search->ring(0, 0, 0, 0), 'width' => 0.0, 'height' => 0.0];
        }
        [$left, $right, $bottom, $top] = $search->gaps->aslant() === [] ? $found[0] : GrownRectangle::largest($search->gaps->edges, $found);

        return ['ring' => $search->ring($left, $right, $bottom, $top), 'width' => $right - $left, 'height' => $top - $bottom];
    }

    /**
     * The deepest rectangle of a given width that lies in a polygon.
     *
     * @param Point $along unit vector, the way the width runs
     *
     * @return array{ring: Ring, height: float}|null null when none is so wide
     */
    public static function deepest(Polygon $polygon, Point $along, float $width): ?array
    {
        $search = new self($polygon, $along);
        $gaps = $search->gaps;
        $place = BestPlace::of(
            $gaps->places([0.0, $width]),
            static fn(float $left): float => $gaps->height($left, $left + $width),
            // whatever begins between the two has this stretch in it
            static fn(float $first, float $last): float => $last < $first + $width ? $gaps->height($last, $first + $width) : INF,
            $gaps->aslant() === [] ? INF : Tolerance::UPRIGHT,
        );
        if ($place === null) {
            return null;
        }
        [$bottom, $top] = $gaps->tallest($place, $place + $width);

        return ['ring' => $search->ring($place, $place + $width, $bottom, $top), 'height' => $top - $bottom];
    }

    /** How broad an outline is, mm: the shorter side of the largest rectangle along its longest edge. */
    public static function breadth(Ring $outline): float
    {
        $outline = $outline->counterClockwise();
        $edges = $outline->edges();
        usort($edges, static fn(Segment $a, Segment $b): int => $b->length() <=> $a->length());
        $largest = self::in(new Polygon($outline), $edges[0]->direction());

        return min($largest['width'], $largest['height']);
    }

    /** The side of the largest square with its sides along a direction, mm. */
    public static function squareIn(Polygon $polygon, Point $along): float
    {
        $box = Box::around(array_map(Frame::along($polygon->outer->points[0], $along)->fromPlan(...), $polygon->outer->points));
        [$fits, $tooLarge] = [0.0, min($box->width(), $box->height()) + Tolerance::UPRIGHT];
        while ($tooLarge - $fits > 1e-7) {
            $side = ($fits + $tooLarge) / 2;
            $deepest = self::deepest($polygon, $along, $side + 2 * Tolerance::UPRIGHT);
            [$fits, $tooLarge] = $deepest !== null && $deepest['height'] >= $side - 1e-6 ? [$side, $tooLarge] : [$fits, $side];
        }

        return $fits;
    }

    /**
     * @return list<array{float, float, float, float}> left, right, bottom and top of the largest with their sides at corners, the largest
     *                                                 first
     */
    private function bestOfCorners(): array
    {
        $xs = $this->candidates();
        $last = $xs[count($xs) - 1];
        $keep = $this->gaps->aslant() === [] ? 1 : self::STARTS;
        $found = [];
        $least = 0.0;
        foreach ($xs as $i => $left) {
            for ($j = $i + 1, $count = count($xs); $j < $count; ++$j) {
                [$bottom, $top] = $this->gaps->tallest($left, $xs[$j]);
                // farther to the right it is no taller
                if (($last - $left) * ($top - $bottom) <= $least) {
                    break;
                }
                $area = ($xs[$j] - $left) * ($top - $bottom);
                if ($area > $least) {
                    $found[] = [$area, [$left, $xs[$j], $bottom, $top]];
                    usort($found, static fn(array $a, array $b): int => $b[0] <=> $a[0]);
                    $found = array_slice($found, 0, $keep);
                    $least = count($found) === $keep ? $found[$keep - 1][0] : 0.0;
                }
            }
        }

        return array_column($found, 1);
    }

    /**
     * Where a side of the rectangle may lie: at corners, and in between where an edge runs aslant.
     *
     * @return non-empty-list<float>
     */
    private function candidates(): array
    {
        $xs = $this->gaps->corners();
        foreach ($this->gaps->aslant() as [$x1, $y1, $x2, $y2]) {
            for ($part = 1; $part < self::PARTS && min($x2 - $x1, abs($y2 - $y1)) > self::LEANS; ++$part) {
                $xs[] = $x1 + ($x2 - $x1) * $part / self::PARTS;
            }
        }
        sort($xs);

        return $xs;
    }

    private function ring(float $left, float $right, float $bottom, float $top): Ring
    {
        return Ring::rectangle(
            $this->frame->toPlan(new Point($left, $bottom)),
            $this->frame->xAxis->times($right - $left),
            $this->frame->yAxis->times($top - $bottom),
        );
    }
}
