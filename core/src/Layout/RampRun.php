<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\ByKeys;
use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;

/** A sloping stretch of a ramp: how long it is on plan and how much it climbs, in mm. */
final readonly class RampRun implements Described
{
    use ByKeys;

    public function __construct(
        #[Key(Value::Size)]
        public float $length,
        #[Key(Value::Size)]
        public ?float $rise = null,
    ) {}
}
