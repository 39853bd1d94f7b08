<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Layout\Layout;

/** A home that was read from a building model, with what became of each of its elements. */
final readonly class Import
{
    /** @param list<string> $unnamedUses ids of rooms whose use the file does not tell */
    public function __construct(public Layout $layout, public Report $report, public array $unnamedUses) {}
}
