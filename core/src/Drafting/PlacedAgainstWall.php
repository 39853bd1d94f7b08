<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;

/** Where a fixture comes to stand: the middle of its back edge, and the direction it faces in degrees. */
final readonly class PlacedAgainstWall
{
    public function __construct(public Point $at, public float $facing) {}
}
