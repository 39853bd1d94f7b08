<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Geometry\Point;

/** The outline of what fills a corner and is cut off between two fronts, in the frame of a fixture whose right end is in the corner. */
final readonly class DiagonalCorner
{
    /**
     * @param float $front how deep it is beside the corner, along both walls, mm
     * @param float $reach how far the cut reaches from the corner, along both walls
     */
    public function __construct(private float $front, private float $reach) {}

    /**
     * @param float $along how long it is along its own wall, mm
     * @param float $out   and along the other one, from the corner
     *
     * @return non-empty-list<Point>
     */
    public function outline(float $along, float $out): array
    {
        $sum = $this->front + $this->reach;
        $places = [
            [0.0, 0.0], [$along, 0.0],
            ...$along > $this->reach ? [[$along, $this->front], [$this->reach, $this->front]] : [[$along, $sum - $along]],
            ...$out >= $this->reach ? [[$this->front, $this->reach]] : [[$sum - $out, $out]],
            [0.0, $out],
        ];

        // the frame's x axis runs to the left as one faces it: the corner is at its negative end
        return array_map(static fn(array $at): Point => new Point(round($at[0] - $along / 2, 4), round($at[1], 4)), $places);
    }
}
