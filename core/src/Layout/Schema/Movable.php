<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Geometry\Motion;

/** A part of the document that says itself what becomes of it when its element is moved, turned or mirrored. */
interface Movable extends Part
{
    public function carried(Motion $motion): static;
}
