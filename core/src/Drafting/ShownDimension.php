<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;

/** A dimension that was placed by hand: its line, and the places that the lines at its ends lead from. */
final readonly class ShownDimension
{
    public function __construct(public Dimension $dimension, public Point $from, public Point $to, public bool $isRadius) {}
}
