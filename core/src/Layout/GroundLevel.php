<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;

/** How high the finished ground lies at a place, mm. */
final readonly class GroundLevel implements Described
{
    use ReadsByKeys;

    public function __construct(
        #[Key]
        public Point $at,
        #[Key(Value::Elevation)]
        public float $level,
    ) {}
}
