<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\Turn;

/** Tapered steps around a quarter turn; `inner` is the tread's depth at the narrow end, in mm. */
final readonly class Winders implements StairPart
{
    use ReadsByKeys;

    public function __construct(
        #[Key(Value::Whole, least: 1, most: 100)]
        public int $risers,
        #[Key(among: [Turn::Left, Turn::Right], under: MotionRule::ChangesSides)]
        public Turn $turn,
        #[Key(Value::Length)]
        public ?float $inner = null,
    ) {}

    public function risers(): int
    {
        return $this->risers;
    }
}
