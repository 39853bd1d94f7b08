<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;

/** How far an element, or an end of a wall, lies from where it lay before. */
final readonly class Shift
{
    public function __construct(public string $id, public Point $before, public Point $after) {}

    public function line(): Segment
    {
        return new Segment($this->before, $this->after);
    }

    /** mm */
    public function distance(): float
    {
        return $this->before->distanceTo($this->after);
    }
}
