<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** What hangs over the rows of a kitchen. */
final readonly class WallUnitOptions
{
    /**
     * @param bool $haveGlass doors of glass, but over a refrigerator
     * @param bool $isDeep    that over a refrigerator is as deep as base units, else as all wall units
     */
    public function __construct(public bool $haveGlass = false, public bool $isDeep = true) {}
}
