<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;

/** How a ceiling falls again beyond its ridge: to what height, mm, and where. */
final readonly class OtherSlope implements Described
{
    use ReadsByKeys;

    public function __construct(
        #[Key(Value::Length)]
        public float $low,
        #[Key]
        public Point $to,
    ) {}
}
