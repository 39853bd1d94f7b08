<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * The largest rectangle, by area, that lies in a polygon with its sides along a given direction.
 *
 * Exact where every edge runs along or across the direction; elsewhere, and where more corners than usual would have to
 * be tried, found by a search that narrows down to a hundredth of a millimetre from the best of a fine set of starts.
 */
final class LargestRectangle
{
    private const STARTS = 12;
    private const MOST_CANDIDATES = 64;
    private const FINEST_STEP = 0.01;

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
        [$left, $right] = $search->bestSpan();
        [$bottom, $top] = $search->tallestGap($left, $right);
        $corner = $search->frame->toPlan(new Point($left, $bottom));

        return [
            'ring' => Ring::rectangle($corner, $search->frame->xAxis->times($right - $left), $search->frame->yAxis->times($top - $bottom)),
            'width' => $right - $left,
            'height' => $top - $bottom,
        ];
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
        $starts = $search->gaps->places([0.0, $width]);
        $left = $search->deepestOf($starts, $starts[0] ?? 0.0, $width);
        for ($step = $search->gaps->isOblique() ? $width / 4 : 0.0; $step >= self::FINEST_STEP; $step /= 2) {
            $left = $search->deepestOf([$left - $step, $left + $step], $left, $width);
        }
        [$bottom, $top] = $search->tallestGap($left, $left + $width);
        $corner = $search->frame->toPlan(new Point($left, $bottom));

        return $top <= $bottom ? null : [
            'ring' => Ring::rectangle($corner, $search->frame->xAxis->times($width), $search->frame->yAxis->times($top - $bottom)),
            'height' => $top - $bottom,
        ];
    }

    /**
     * @param list<float> $lefts
     * @param float       $best  the left side to beat
     */
    private function deepestOf(array $lefts, float $best, float $width): float
    {
        $depth = $this->depthAt($best, $width);
        foreach ($lefts as $left) {
            $there = $this->depthAt($left, $width);
            [$best, $depth] = $there > $depth ? [$left, $there] : [$best, $depth];
        }

        return $best;
    }

    private function depthAt(float $left, float $width): float
    {
        [$bottom, $top] = $this->tallestGap($left, $left + $width);

        return $top - $bottom;
    }

    /** @return array{float, float} */
    private function bestSpan(): array
    {
        $xs = $this->candidates();
        $found = [];
        foreach ($xs as $i => $left) {
            for ($j = $i + 1, $count = count($xs); $j < $count; ++$j) {
                $found[] = [$this->areaOver($left, $xs[$j]), $left, $xs[$j]];
            }
        }
        usort($found, static fn(array $a, array $b): int => $b[0] <=> $a[0]);
        if (!$this->gaps->isOblique() && count($this->gaps->edges) <= self::MOST_CANDIDATES) {
            return [$found[0][1], $found[0][2]];
        }
        $refined = array_map(fn(array $start): array => $this->climb($start[1], $start[2]), array_slice($found, 0, self::STARTS));
        usort($refined, fn(array $a, array $b): int => $this->areaOver(...$b) <=> $this->areaOver(...$a));

        return $refined[0];
    }

    /**
     * Where a side of the rectangle may lie: at corners, and in between where an edge runs aslant.
     *
     * @return non-empty-list<float>
     */
    private function candidates(): array
    {
        $xs = [];
        foreach ($this->gaps->edges as [$x1, $y1, $x2, $y2]) {
            array_push($xs, $x1, $x2);
            if (FreeGaps::isAslant($x1, $y1, $x2, $y2)) {
                $steps = max(1, intdiv(48, count($this->gaps->edges)));
                for ($i = 1; $i < $steps; ++$i) {
                    $xs[] = $x1 + ($x2 - $x1) * $i / $steps;
                }
            }
        }
        sort($xs);
        $apart = [$xs[0] ?? 0.0];
        foreach ($xs as $x) {
            if ($x - $apart[count($apart) - 1] > self::FINEST_STEP) {
                $apart[] = $x;
            }
        }

        return $this->thinned($apart);
    }

    /**
     * Every so many of them, the last included, when there are too many to try every pair.
     *
     * @param non-empty-list<float> $xs
     *
     * @return non-empty-list<float>
     */
    private function thinned(array $xs): array
    {
        $step = count($xs) / self::MOST_CANDIDATES;
        if ($step <= 1) {
            return $xs;
        }
        $kept = array_map(static fn(int $i): float => $xs[(int) ($i * $step)], range(0, self::MOST_CANDIDATES - 1));

        return [...$kept, $xs[count($xs) - 1]];
    }

    /**
     * Moves both sides, alone and together, while the rectangle grows.
     *
     * @return array{float, float}
     */
    private function climb(float $left, float $right): array
    {
        $area = $this->areaOver($left, $right);
        for ($step = ($right - $left) / 2; $step >= self::FINEST_STEP; $step /= 2) {
            do {
                $grown = false;
                foreach ([[1, 0], [-1, 0], [0, 1], [0, -1], [1, 1], [-1, -1], [1, -1], [-1, 1]] as [$a, $b]) {
                    $candidate = [$left + $a * $step, $right + $b * $step];
                    $larger = $candidate[0] < $candidate[1] ? $this->areaOver(...$candidate) : 0.0;
                    if ($larger > $area + 1e-6) {
                        [$left, $right] = $candidate;
                        $area = $larger;
                        $grown = true;
                    }
                }
            } while ($grown);
        }

        return [$left, $right];
    }

    private function areaOver(float $left, float $right): float
    {
        [$bottom, $top] = $this->tallestGap($left, $right);

        return ($right - $left) * ($top - $bottom);
    }

    /**
     * The tallest stretch that is free of edges, and inside, all the way from one x to another.
     *
     * @return array{float, float} empty (0, 0) when there is none
     */
    private function tallestGap(float $left, float $right): array
    {
        $best = [0.0, 0.0];
        foreach ($this->gaps->over($left, $right) as $gap) {
            $best = $gap[1] - $gap[0] > $best[1] - $best[0] ? $gap : $best;
        }

        return $best;
    }
}
