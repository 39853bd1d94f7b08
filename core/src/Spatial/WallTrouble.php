<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;

/** Where a wall's drawing is not what it seems to mean: the place, the other wall, and a size in mm. */
final readonly class WallTrouble
{
    /** @param float $size a gap's width, or how far two doubled walls run together */
    public function __construct(public string $other, public Segment $place, public float $size) {}

    public function at(): Point
    {
        return $this->place->middle();
    }
}
