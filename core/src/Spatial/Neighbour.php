<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Segment;
use Heurema\Layout\Wall;

/** What lies behind a stretch of a room's faces. */
final readonly class Neighbour
{
    /** @param Segment $stretch on the room's own face, the room to its left */
    public function __construct(public Segment $stretch, public Wall $wall, public Beyond $beyond) {}

    /** Is there no wall between? */
    public function isOpen(): bool
    {
        return $this->wall->isOpenBoundary();
    }
}
