<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Layout\Landing;
use Heurema\Layout\RampRun;

/** A run or a landing of a ramp where it lies; in mm. */
final readonly class RampPart
{
    /**
     * @param Segment $way along its middle, as one goes up
     * @param Segment $end the line over which one leaves it upwards; what follows lies to its left
     */
    public function __construct(public RampRun|Landing $part, public Ring $outline, public Segment $way, public Segment $end) {}
}
