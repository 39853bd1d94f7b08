<?php

declare(strict_types=1);

namespace Heurema\Layout\Schema;

use Heurema\Geometry\Motion;

/** A part of the document that is read, written and carried as its keys say. */
interface Described extends Part
{
    /** Moved, turned or mirrored. */
    public function carried(Motion $motion): static;
}
