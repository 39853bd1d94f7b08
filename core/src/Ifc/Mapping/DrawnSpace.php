<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Ring;
use Heurema\Ifc\Step\Instance;
use Heurema\Layout\SlopedCeiling;

/** A space of a file on plan, in mm. */
final class DrawnSpace
{
    /** What lies on its floor, and how thick that is. */
    public ?string $floorFinish = null;
    public ?float $floorFinishThickness = null;

    /**
     * @param float|null         $height its own, where it is level above; a ceiling that hangs under it may be lower
     * @param SlopedCeiling|null $slope  its ceiling, where that slopes
     */
    public function __construct(
        public readonly Instance $element,
        public readonly string $id,
        public readonly Ring $outline,
        public ?float $height,
        public ?SlopedCeiling $slope,
    ) {}
}
