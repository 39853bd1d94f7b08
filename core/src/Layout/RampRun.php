<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;

/** A sloping stretch of a ramp: how long it is on plan and how much it climbs, in mm. */
final readonly class RampRun implements Described
{
    use ReadsByKeys;

    /** @param array{float, float}|null $edges how much its left and its right edge lie above the lower of the two; null: level across */
    public function __construct(
        #[Key(Value::Size)]
        public float $length,
        #[Key(Value::Size)]
        public ?float $rise = null,
        #[Key(Value::TwoLengths, under: MotionRule::ChangesSides)]
        public ?array $edges = null,
    ) {}
}
