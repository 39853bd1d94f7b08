<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * The largest circle that lies in a polygon, its holes kept out, to a hundredth of a millimetre.
 *
 * Squares over the polygon are split as long as a better centre could still lie in them. Two bounds tell: the radius at the
 * square's middle plus half its diagonal; and half the sum of the distances to any two edges, which is largest in a corner
 * of the square. The second ends the search at once between parallel faces. A centre that is better than the best so far is
 * moved on to where the circle can grow no more (see GrownCircle).
 */
final class LargestCircle
{
    private const PRECISION = 0.02;

    /** A centre that betters the best by a twentieth and more than this, mm, is moved on at once. */
    private const WORTH_GROWING = 1.0;

    /** @var list<array{float, float, float, float}> start and vector of each edge */
    private readonly array $edges;

    private Point $centre;

    private float $radius;

    /** The radius when the circle was last grown. */
    private float $grown = 0.0;

    private function __construct(private readonly Polygon $polygon)
    {
        $this->edges = array_map(
            static fn(Segment $edge): array => [
                $edge->from->x,
                $edge->from->y,
                $edge->to->x - $edge->from->x,
                $edge->to->y - $edge->from->y,
            ],
            $polygon->edges(),
        );
        $this->centre = $polygon->bounds()->middle();
        $nearest = self::nearest($this->edges, $this->centre->x, $this->centre->y);
        $this->radius = $polygon->contains($this->centre) ? $nearest : -$nearest;
    }

    /** @return array{centre: Point, radius: float} */
    public static function in(Polygon $polygon): array
    {
        $search = new self($polygon);
        $search->split();
        $search->grow();

        return ['centre' => $search->centre, 'radius' => $search->radius];
    }

    private function split(): void
    {
        $box = $this->polygon->bounds();
        $side = max(1.0, min($box->width(), $box->height()));
        /**
         * @var \SplPriorityQueue<float, array{float, float, float, float, list<array{float, float, float, float}>, bool}> $queue
         *     middle, half side, bound, edges that count in it and whether all of it is inside; the highest bound first
         */
        $queue = new \SplPriorityQueue();
        for ($x = $box->left + $side / 2; $x - $side / 2 < $box->right; $x += $side) {
            for ($y = $box->bottom + $side / 2; $y - $side / 2 < $box->top; $y += $side) {
                $this->push($queue, $x, $y, $side / 2, $this->edges, false);
            }
        }
        while (!$queue->isEmpty()) {
            /** @var array{float, float, float, float, list<array{float, float, float, float}>, bool} $square */
            $square = $queue->extract();
            [$x, $y, $half, $bound, $edges, $isInside] = $square;
            if ($bound - $this->radius <= self::PRECISION) {
                break;
            }
            $half /= 2;
            $this->push($queue, $x - $half, $y - $half, $half, $edges, $isInside);
            $this->push($queue, $x + $half, $y - $half, $half, $edges, $isInside);
            $this->push($queue, $x - $half, $y + $half, $half, $edges, $isInside);
            $this->push($queue, $x + $half, $y + $half, $half, $edges, $isInside);
        }
    }

    private function grow(): void
    {
        if ($this->radius > 0) {
            [$x, $y, $radius] = GrownCircle::from($this->edges, $this->centre->x, $this->centre->y, $this->radius);
            if ($radius > $this->radius) {
                $this->centre = new Point($x, $y);
                $this->radius = $radius;
            }
            $this->grown = $this->radius;
        }
    }

    /** @param list<array{float, float, float, float}> $edges */
    private static function nearest(array $edges, float $x, float $y): float
    {
        $nearest = INF;
        foreach ($edges as $edge) {
            $nearest = min($nearest, self::distance($edge, $x, $y));
        }

        return $nearest;
    }

    private function keep(float $x, float $y, float $radius): void
    {
        if ($radius <= $this->radius) {
            return;
        }
        $this->centre = new Point($x, $y);
        $this->radius = $radius;
        if ($radius > 1.05 * $this->grown + self::WORTH_GROWING) {
            $this->grow();
        }
    }

    /**
     * @param \SplPriorityQueue<float, array{float, float, float, float, list<array{float, float, float, float}>, bool}> $queue
     * @param list<array{float, float, float, float}>                                                                    $edges
     *     those that can be nearest to a point of the square
     * @param bool                                                                                                        $isInside
     *     is it known to be?
     */
    private function push(\SplPriorityQueue $queue, float $x, float $y, float $half, array $edges, bool $isInside): void
    {
        $distances = [];
        $nearest = INF;
        foreach ($edges as $edge) {
            $distances[] = $distance = self::distance($edge, $x, $y);
            $nearest = $distance < $nearest ? $distance : $nearest;
        }
        $radius = $isInside || $this->polygon->contains(new Point($x, $y)) ? $nearest : -$nearest;
        $this->keep($x, $y, $radius);
        $toCorner = $half * M_SQRT2;
        $bound = $radius + $toCorner;
        if ($bound <= $this->radius + self::PRECISION) {
            return;
        }
        $near = [];
        foreach ($distances as $number => $distance) {
            if ($distance <= $nearest + 2 * $toCorner) {
                $near[] = $edges[$number];
            }
        }
        $bound = $radius > 0 ? min($bound, self::boundBetween($near, $x, $y, $half)) : $bound;
        if ($bound > $this->radius + self::PRECISION) {
            $queue->insert([$x, $y, $half, $bound, $near, $isInside || $radius > $toCorner], $bound);
        }
    }

    /**
     * Half the sum of the distances to two edges, in the corner of the square where it is largest, for the two that say least.
     *
     * @param list<array{float, float, float, float}> $edges
     */
    private static function boundBetween(array $edges, float $x, float $y, float $half): float
    {
        $distances = [];
        foreach ($edges as $edge) {
            $distances[] = [
                self::distance($edge, $x - $half, $y - $half), self::distance($edge, $x + $half, $y - $half),
                self::distance($edge, $x - $half, $y + $half), self::distance($edge, $x + $half, $y + $half),
            ];
        }
        $least = INF;
        foreach ($distances as $i => $one) {
            for ($j = $i + 1, $count = count($distances); $j < $count; ++$j) {
                $other = $distances[$j];
                $least = min($least, max($one[0] + $other[0], $one[1] + $other[1], $one[2] + $other[2], $one[3] + $other[3]) / 2);
            }
        }

        return $least;
    }

    /**
     * From an edge, told by its start and its vector, to a point.
     *
     * @param array{float, float, float, float} $edge
     */
    public static function distance(array $edge, float $x, float $y): float
    {
        [$fromX, $fromY, $dx, $dy] = $edge;
        [$px, $py] = [$x - $fromX, $y - $fromY];
        $along = $px * $dx + $py * $dy;
        if ($along > 0.0) {
            $share = min(1.0, $along / ($dx * $dx + $dy * $dy));
            $px -= $share * $dx;
            $py -= $share * $dy;
        }

        return sqrt($px * $px + $py * $py);
    }
}
