<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\Turn;

/** A level stretch between flights; `gap` is the space between the two flights of a turn back. In mm. */
final readonly class Landing implements StairPart
{
    use ReadsByKeys;

    public function __construct(
        #[Key(Value::Size)]
        public ?float $depth = null,
        #[Key(always: true, under: MotionRule::ChangesSides)]
        public Turn $turn = Turn::None,
        #[Key(Value::Length)]
        public ?float $gap = null,
    ) {}

    public function risers(): int
    {
        return 0;
    }
}
