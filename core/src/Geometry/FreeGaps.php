<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** The stretches of a polygon that are free all the way from one x to another, in a frame of its own. */
final class FreeGaps
{
    /** @var list<array{float, float, float, float}> edges in the frame, left end first, from left to right */
    public readonly array $edges;

    public function __construct(Polygon $polygon, public readonly Frame $frame)
    {
        $edges = [];
        foreach ($polygon->edges() as $edge) {
            $a = $frame->fromPlan($edge->from);
            $b = $frame->fromPlan($edge->to);
            $edges[] = $a->x <= $b->x ? [$a->x, $a->y, $b->x, $b->y] : [$b->x, $b->y, $a->x, $a->y];
        }
        usort($edges, static fn(array $one, array $other): int => $one[0] <=> $other[0]);
        $this->edges = $edges;
    }

    /**
     * The xs at which edges begin and end, ascending, none closer to the next than what leans and still stands upright.
     *
     * @return non-empty-list<float>
     */
    public function corners(): array
    {
        $xs = [];
        foreach ($this->edges as [$x1, , $x2]) {
            array_push($xs, $x1, $x2);
        }
        sort($xs);
        $apart = [$xs[0] ?? 0.0];
        foreach ($xs as $x) {
            if ($x - $apart[count($apart) - 1] > Tolerance::UPRIGHT) {
                $apart[] = $x;
            }
        }

        return $apart;
    }

    /**
     * Where the left side of a shape may lie so that one of its uprights touches a corner, ascending.
     *
     * @param non-empty-list<float> $uprights measured from its left side
     *
     * @return list<float>
     */
    public function places(array $uprights): array
    {
        $places = [];
        foreach ($this->corners() as $x) {
            foreach ($uprights as $upright) {
                $places[(string) round($x - $upright, 3)] = $x - $upright;
            }
        }
        sort($places);

        return $places;
    }

    /** @return list<array{float, float}> from low to high, in order */
    public function over(float $left, float $right): array
    {
        return array_values(array_filter($this->between($left, $right), fn(array $gap): bool => $this->isFree($gap, $left, $right)));
    }

    /**
     * The tallest stretch that is free, and inside, all the way from one x to another.
     *
     * @return array{float, float} empty (0, 0) when there is none
     */
    public function tallest(float $left, float $right): array
    {
        $best = [0.0, 0.0];
        foreach ($this->between($left, $right) as $gap) {
            $best = $gap[1] - $gap[0] > $best[1] - $best[0] && $this->isFree($gap, $left, $right) ? $gap : $best;
        }

        return $best;
    }

    /** How tall that stretch is, mm. */
    public function height(float $left, float $right): float
    {
        [$bottom, $top] = $this->tallest($left, $right);

        return $top - $bottom;
    }

    /** @return list<array{float, float, float, float}> the edges that run neither along nor across the frame */
    public function aslant(): array
    {
        return array_values(array_filter(
            $this->edges,
            static fn(array $edge): bool => $edge[2] - $edge[0] > Tolerance::UPRIGHT && abs($edge[3] - $edge[1]) > Tolerance::UPRIGHT,
        ));
    }

    /** @return list<array{float, float}> the stretches that no edge enters between two xs, inside the polygon or out of it */
    private function between(float $left, float $right): array
    {
        [$lows, $highs] = $this->blocked($left + Tolerance::UPRIGHT, $right - Tolerance::UPRIGHT);
        asort($lows);
        $gaps = [];
        $reached = INF;
        foreach ($lows as $number => $low) {
            if ($low > $reached) {
                $gaps[] = [$reached, $low];
            }
            $reached = $reached === INF || $highs[$number] > $reached ? $highs[$number] : $reached;
        }

        return $gaps;
    }

    /**
     * Whether a stretch lies inside: an odd number of edges pass below its middle.
     *
     * @param array{float, float} $gap
     */
    private function isFree(array $gap, float $left, float $right): bool
    {
        [$x, $y] = [($left + $right) / 2, ($gap[0] + $gap[1]) / 2];
        $isInside = false;
        foreach ($this->edges as [$x1, $y1, $x2, $y2]) {
            if ($x1 > $x) {
                break;
            }
            if ($x2 > $x && $y1 + ($y2 - $y1) * ($x - $x1) / ($x2 - $x1) < $y) {
                $isInside = !$isInside;
            }
        }

        return $isInside;
    }

    /** @return array{list<float>, list<float>} the ys from which and to which each edge goes somewhere between the two xs */
    private function blocked(float $left, float $right): array
    {
        $lows = $highs = [];
        foreach ($this->edges as [$x1, $y1, $x2, $y2]) {
            if ($x1 >= $right) {
                break;
            }
            if ($x2 <= $left) {
                continue;
            }
            if ($y1 !== $y2 && $x2 - $x1 > 1e-9) {
                $slope = ($y2 - $y1) / ($x2 - $x1);
                $y2 = $x2 > $right ? $y1 + $slope * ($right - $x1) : $y2;
                $y1 = $x1 < $left ? $y1 + $slope * ($left - $x1) : $y1;
            }
            $lows[] = $y1 < $y2 ? $y1 : $y2;
            $highs[] = $y1 < $y2 ? $y2 : $y1;
        }

        return [$lows, $highs];
    }
}
