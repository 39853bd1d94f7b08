<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\ByKeys;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\UnderMotion;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\Turn;

/** A level stretch between flights; `gap` is the space between the two flights of a turn back. In mm. */
final readonly class Landing implements StairPart
{
    use ByKeys;

    public function __construct(
        #[Key(Value::Size)]
        public ?float $depth = null,
        #[Key(always: true, under: UnderMotion::ChangesSides)]
        public Turn $turn = Turn::None,
        #[Key(Value::Length)]
        public ?float $gap = null,
    ) {}

    public function risers(): int
    {
        return 0;
    }
}
