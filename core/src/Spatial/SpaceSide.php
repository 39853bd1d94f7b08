<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Segment;
use Heurema\Layout\Wall;

/** A straight stretch of a space's border, the space to its left. */
final readonly class SpaceSide
{
    /** @param int $beyond number of the face beyond: another space's across a divider, else the wall's own */
    public function __construct(public Segment $segment, public Wall $wall, public int $beyond) {}

    /** Is the space to the left of the wall, seen along it? */
    public function isLeftOfWall(): bool
    {
        return $this->segment->vector()->dot($this->wall->line()->vector()) > 0;
    }

    public function isOpen(): bool
    {
        return $this->wall->isOpenBoundary();
    }
}
