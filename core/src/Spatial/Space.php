<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Polygon;
use Heurema\Layout\Room;

/** A stretch of floor closed in by walls and dividers, between finished faces. */
final readonly class Space
{
    /**
     * @param list<SpaceSide> $sides
     * @param list<Room>      $rooms the uses written into it: one when the drawing is clear
     */
    public function __construct(public int $number, public Polygon $outline, public array $sides, public array $rooms) {}
}
