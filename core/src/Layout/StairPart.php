<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Described;

/** A flight, a landing or winders. */
interface StairPart extends Described
{
    public function risers(): int;
}
