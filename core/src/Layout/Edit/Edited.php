<?php

declare(strict_types=1);

namespace Heurema\Layout\Edit;

use Heurema\Layout\Layout;

/** A layout after an edit, with what the edit changed. */
final readonly class Edited
{
    public function __construct(public Layout $layout, public Patch $patch) {}
}
