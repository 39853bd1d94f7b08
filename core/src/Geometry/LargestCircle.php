<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * The largest circle that lies in a polygon, its holes kept out: to within a millimetre of the radius, and exactly where nothing
 * but faces at multiples of 22.5 degrees hold it.
 *
 * Squares over the polygon are split as long as a better centre could still lie in them: the radius at a square's middle
 * plus half its diagonal bounds what it can hold.
 */
final class LargestCircle
{
    private const PRECISION = 0.5;
    private const FINEST_STEP = 0.002;
    private const DIRECTIONS = 16;

    /** @return array{centre: Point, radius: float} */
    public static function in(Polygon $polygon): array
    {
        $edges = new Obstacles($polygon->edges());
        $box = $polygon->bounds();
        $side = max(1.0, min($box->width(), $box->height()));
        /** @var \SplPriorityQueue<float, array{Point, float, float}> $queue the highest bound first */
        $queue = new \SplPriorityQueue();
        $best = ['centre' => $box->middle(), 'radius' => self::radiusAt($box->middle(), $polygon, $edges)];
        for ($x = $box->left + $side / 2; $x - $side / 2 < $box->right; $x += $side) {
            for ($y = $box->bottom + $side / 2; $y - $side / 2 < $box->top; $y += $side) {
                self::push($queue, new Point($x, $y), $side / 2, $polygon, $edges, $best);
            }
        }
        while (!$queue->isEmpty()) {
            /** @var array{Point, float, float} $square middle, half side, bound */
            $square = $queue->extract();
            [$middle, $half, $bound] = $square;
            if ($bound - $best['radius'] <= self::PRECISION) {
                break;
            }
            foreach ([[-1, -1], [1, -1], [-1, 1], [1, 1]] as [$right, $up]) {
                self::push($queue, new Point($middle->x + $right * $half / 2, $middle->y + $up * $half / 2), $half / 2, $polygon, $edges, $best);
            }
        }

        return self::polished($best, $polygon, $edges);
    }

    /**
     * Moves the centre on by ever shorter steps while the circle grows.
     *
     * @param array{centre: Point, radius: float} $best
     *
     * @return array{centre: Point, radius: float}
     */
    private static function polished(array $best, Polygon $polygon, Obstacles $edges): array
    {
        for ($step = 2 * self::PRECISION; $step > self::FINEST_STEP;) {
            $better = null;
            for ($turn = 0; $turn < self::DIRECTIONS && $better === null; ++$turn) {
                $centre = $best['centre']->plus(Point::towards(360 / self::DIRECTIONS * $turn)->times($step));
                $radius = self::radiusAt($centre, $polygon, $edges);
                $better = $radius > $best['radius'] + 1e-6 ? ['centre' => $centre, 'radius' => $radius] : null;
            }
            $step /= $better === null ? 2 : 1;
            $best = $better ?? $best;
        }

        return $best;
    }

    /**
     * @param \SplPriorityQueue<float, array{Point, float, float}> $queue
     * @param array{centre: Point, radius: float}                 $best
     */
    private static function push(\SplPriorityQueue $queue, Point $middle, float $half, Polygon $polygon, Obstacles $edges, array &$best): void
    {
        $radius = self::radiusAt($middle, $polygon, $edges);
        if ($radius > $best['radius']) {
            $best = ['centre' => $middle, 'radius' => $radius];
        }
        $bound = $radius + $half * M_SQRT2;
        if ($bound > $best['radius'] + self::PRECISION) {
            $queue->insert([$middle, $half, $bound], $bound);
        }
    }

    /** Distance to the nearest edge; negative outside. */
    private static function radiusAt(Point $point, Polygon $polygon, Obstacles $edges): float
    {
        $distance = $edges->nearest($point)->distance ?? 0.0;

        return $polygon->contains($point) ? $distance : -$distance;
    }
}
