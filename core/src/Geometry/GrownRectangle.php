<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * A rectangle inside edges, grown until it is the largest, by area, that keeps to the same side of each of them.
 *
 * Each edge is kept out by one straight line: its own, or an upright or level one through an end of it, whichever leaves the
 * rectangle most room. Within these lines the logarithm of the area is concave, so that its one maximum is found by the barrier
 * method (Boyd and Vandenberghe, Convex Optimization, 2004, section 11.3) in a bounded number of steps.
 *
 * @phpstan-type Sides array{float, float, float, float}
 */
final class GrownRectangle
{
    private const LEFT = 0;
    private const RIGHT = 1;
    private const BOTTOM = 2;
    private const TOP = 3;

    /** How much the barrier weighs, first and last, and how fast it falls: the last leaves less than 1e-7 of the size. */
    private const HEAVIEST = 0.1;
    private const LIGHTEST = 1e-9;
    private const LIGHTER = 0.02;

    /** Newton steps for each weight, at the most. */
    private const STEPS = 12;

    /** Of a starting rectangle so much is left away, so that it touches nothing. */
    private const ASIDE = 1e-4;

    /** How often other lines may be chosen. */
    private const ROUNDS = 4;

    /**
     * The largest that one of several rectangles grows to.
     *
     * @param list<array{float, float, float, float}> $edges  each from one end to the other
     * @param non-empty-list<Sides>                   $starts left, right, bottom and top of rectangles that no edge enters, the largest
     *                                                        first
     *
     * @return Sides
     */
    public static function largest(array $edges, array $starts): array
    {
        $best = $starts[0];
        $tried = [];
        foreach ($starts as $sides) {
            for ($round = 0; $round < self::ROUNDS; ++$round) {
                $lines = array_map(static fn(array $edge): LinearForm => self::keepingOut($edge, $sides), $edges);
                $key = serialize($lines);
                if (isset($tried[$key])) {
                    break;
                }
                $tried[$key] = true;
                $grown = self::within($lines, $sides);
                if (self::area($grown) <= self::area($sides) * (1 + 1e-9)) {
                    break;
                }
                $sides = $grown;
            }
            $best = self::area($sides) > self::area($best) ? $sides : $best;
        }

        return $best;
    }

    /** @param Sides $sides */
    public static function area(array $sides): float
    {
        return ($sides[self::RIGHT] - $sides[self::LEFT]) * ($sides[self::TOP] - $sides[self::BOTTOM]);
    }

    /**
     * The line that keeps an edge out: what it says is positive inside.
     *
     * @param array{float, float, float, float} $edge
     * @param Sides                             $sides
     */
    private static function keepingOut(array $edge, array $sides): LinearForm
    {
        [$x1, $y1, $x2, $y2] = $edge;
        $forms = [
            new LinearForm(min($x1, $x2), self::RIGHT, -1.0),
            new LinearForm(-max($x1, $x2), self::LEFT, 1.0),
            new LinearForm(min($y1, $y2), self::TOP, -1.0),
            new LinearForm(-max($y1, $y2), self::BOTTOM, 1.0),
        ];
        $length = hypot($x2 - $x1, $y2 - $y1);
        if ($length > 1e-9) {
            [$nx, $ny] = [($y2 - $y1) / $length, ($x1 - $x2) / $length];
            array_unshift($forms, self::beside($nx, $ny, $x1, $y1), self::beside(-$nx, -$ny, $x1, $y1));
        }
        $best = $forms[0];
        foreach ($forms as $form) {
            $best = $form->at($sides) > $best->at($sides) + Tolerance::TOUCH ? $form : $best;
        }

        return $best;
    }

    /** How far the rectangle lies from the line through a point, where its normal points into the rectangle. */
    private static function beside(float $nx, float $ny, float $x, float $y): LinearForm
    {
        return new LinearForm(-$nx * $x - $ny * $y, $nx > 0 ? self::LEFT : self::RIGHT, $nx, $ny > 0 ? self::BOTTOM : self::TOP, $ny);
    }

    /**
     * @param list<LinearForm> $lines
     * @param Sides            $sides
     *
     * @return Sides
     */
    private static function within(array $lines, array $sides): array
    {
        $size = max($sides[self::RIGHT] - $sides[self::LEFT], $sides[self::TOP] - $sides[self::BOTTOM]);
        $middle = [($sides[self::LEFT] + $sides[self::RIGHT]) / 2, ($sides[self::BOTTOM] + $sides[self::TOP]) / 2];
        // told from the middle in units of the size, and a little smaller than it is
        $scaled = static fn(float $value, int $axis): float => ($value - $middle[$axis]) / $size * (1 - self::ASIDE);
        $at = [
            $scaled($sides[self::LEFT], 0),
            $scaled($sides[self::RIGHT], 0),
            $scaled($sides[self::BOTTOM], 1),
            $scaled($sides[self::TOP], 1),
        ];
        $barriers = [];
        foreach ($lines as $line) {
            $constant = $line->at([$middle[0], $middle[0], $middle[1], $middle[1]]) / $size;
            $barrier = new LinearForm($constant, $line->first, $line->factor, $line->second, $line->other);
            if ($barrier->at($at) <= 0) {
                return $sides;
            }
            $barriers[] = $barrier;
        }
        $objectives = [new LinearForm(0.0, self::LEFT, -1.0, self::RIGHT, 1.0), new LinearForm(0.0, self::BOTTOM, -1.0, self::TOP, 1.0)];
        for ($weight = self::HEAVIEST; $weight >= self::LIGHTEST; $weight *= self::LIGHTER) {
            $at = self::climbed($at, $objectives, $barriers, $weight);
        }

        return [$middle[0] + $at[0] * $size, $middle[0] + $at[1] * $size, $middle[1] + $at[2] * $size, $middle[1] + $at[3] * $size];
    }

    /**
     * Newton's method on the sum of the objectives' logarithms and the weighted ones of the barriers.
     *
     * @param Sides            $at
     * @param list<LinearForm> $objectives
     * @param list<LinearForm> $barriers
     *
     * @return Sides
     */
    private static function climbed(array $at, array $objectives, array $barriers, float $weight): array
    {
        for ($step = 0; $step < self::STEPS; ++$step) {
            $gradient = [0.0, 0.0, 0.0, 0.0];
            $curvature = [[0.0, 0.0, 0.0, 0.0], [0.0, 0.0, 0.0, 0.0], [0.0, 0.0, 0.0, 0.0], [0.0, 0.0, 0.0, 0.0]];
            foreach ([[$objectives, 1.0], [$barriers, $weight]] as [$forms, $factor]) {
                foreach ($forms as $form) {
                    $slack = $form->constant + $form->factor * $at[$form->first] + $form->other * $at[$form->second];
                    [$i, $j, $first, $second, $share] = [
                        $form->first, $form->second, $form->factor / $slack, $form->other / $slack, $factor,
                    ];
                    $gradient[$i] += $share * $first;
                    $gradient[$j] += $share * $second;
                    $curvature[$i][$i] += $share * $first * $first;
                    $curvature[$i][$j] += $share * $first * $second;
                    $curvature[$j][$i] += $share * $first * $second;
                    $curvature[$j][$j] += $share * $second * $second;
                }
            }
            $way = LinearSystem::solved($curvature, $gradient);
            if ($way === null) {
                return $at;
            }
            $gain = array_sum(array_map(static fn(float $slope, float $by): float => $slope * $by, $gradient, $way));
            $at = self::moved($at, $way, [...$objectives, ...$barriers]);
            if ($gain < 1e-3 * $weight) {
                return $at;
            }
        }

        return $at;
    }

    /**
     * As far along a way as keeps every form positive, but no farther than to its end.
     *
     * @param Sides            $at
     * @param list<float>      $way
     * @param list<LinearForm> $forms
     *
     * @return Sides
     */
    private static function moved(array $at, array $way, array $forms): array
    {
        $share = 1.0;
        foreach ($forms as $form) {
            $change = $form->factor * $way[$form->first] + $form->other * $way[$form->second];
            if ($change < 0) {
                $share = min($share, -0.9 * $form->at($at) / $change);
            }
        }

        return [$at[0] + $share * $way[0], $at[1] + $share * $way[1], $at[2] + $share * $way[2], $at[3] + $share * $way[3]];
    }
}
