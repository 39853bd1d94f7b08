<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Ring;
use Heurema\Ifc\Step\Instance;
use Heurema\Layout\SlopedCeiling;

/** A space of a file on plan, in mm. */
final readonly class DrawnSpace
{
    /**
     * @param float|null         $height its own, where it is level above
     * @param SlopedCeiling|null $slope  its ceiling, where that slopes
     */
    public function __construct(
        public Instance $element,
        public string $id,
        public Ring $outline,
        public ?float $height,
        public ?SlopedCeiling $slope,
    ) {}
}
