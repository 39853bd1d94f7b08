<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** The stretches of a polygon that are free all the way from one x to another, in a frame of its own. */
final class FreeGaps
{
    private const FINEST_STEP = 0.01;

    /** @var list<array{float, float, float, float}> edges in the frame, left end first */
    public readonly array $edges;

    public function __construct(private readonly Polygon $polygon, public readonly Frame $frame)
    {
        $edges = [];
        foreach ($polygon->edges() as $edge) {
            $a = $frame->fromPlan($edge->from);
            $b = $frame->fromPlan($edge->to);
            $edges[] = $a->x <= $b->x ? [$a->x, $a->y, $b->x, $b->y] : [$b->x, $b->y, $a->x, $a->y];
        }
        $this->edges = $edges;
    }

    /**
     * Where the left side of a shape may lie so that one of its uprights touches a corner.
     *
     * @param non-empty-list<float> $uprights measured from its left side
     *
     * @return list<float>
     */
    public function places(array $uprights): array
    {
        $places = [];
        foreach ($this->edges as [$x1, , $x2]) {
            foreach ($uprights as $upright) {
                $places[(string) round($x1 - $upright, 3)] = $x1 - $upright;
                $places[(string) round($x2 - $upright, 3)] = $x2 - $upright;
            }
        }

        return array_values($places);
    }

    /** @return list<array{float, float}> from low to high, in order */
    public function over(float $left, float $right): array
    {
        $blocked = $this->blocked($left, $right);
        sort($blocked);
        $gaps = [];
        $reached = null;
        foreach ($blocked as [$low, $high]) {
            if ($reached !== null && $low > $reached && $this->isInside(($left + $right) / 2, ($low + $reached) / 2)) {
                $gaps[] = [$reached, $low];
            }
            $reached = $reached === null || $high > $reached ? $high : $reached;
        }

        return $gaps;
    }

    /** Does any edge run neither along nor across the frame? */
    public function isOblique(): bool
    {
        foreach ($this->edges as $edge) {
            if (self::isAslant(...$edge)) {
                return true;
            }
        }

        return false;
    }

    public static function isAslant(float $x1, float $y1, float $x2, float $y2): bool
    {
        return abs($x2 - $x1) > self::FINEST_STEP && abs($y2 - $y1) > self::FINEST_STEP;
    }

    /** @return list<array{float, float}> the ys that edges take somewhere between the two xs */
    private function blocked(float $left, float $right): array
    {
        $blocked = [];
        foreach ($this->edges as [$x1, $y1, $x2, $y2]) {
            if ($x2 - $x1 <= 1e-9) {
                if ($x1 > $left + 1e-9 && $x1 < $right - 1e-9) {
                    $blocked[] = $y1 < $y2 ? [$y1, $y2] : [$y2, $y1];
                }
            } elseif ($x2 > $left + 1e-9 && $x1 < $right - 1e-9) {
                $slope = ($y2 - $y1) / ($x2 - $x1);
                $ya = $x1 < $left ? $y1 + $slope * ($left - $x1) : $y1;
                $yb = $x2 > $right ? $y1 + $slope * ($right - $x1) : $y2;
                $blocked[] = $ya < $yb ? [$ya, $yb] : [$yb, $ya];
            }
        }

        return $blocked;
    }

    private function isInside(float $x, float $y): bool
    {
        return $this->polygon->contains($this->frame->toPlan(new Point($x, $y)));
    }
}
