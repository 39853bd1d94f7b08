<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Language\Text;
use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;

/** A part of a wall that is made to hold bars: along the wall from its start, and above the floor. In mm. */
final readonly class Backing implements Described
{
    use ReadsByKeys;

    public function __construct(
        #[Key(Value::Length)]
        public float $from,
        #[Key(Value::Length)]
        public float $to,
        #[Key(Value::Length)]
        public float $bottom,
        #[Key(Value::Length)]
        public float $top,
    ) {}

    private function check(JsonCursor $place): void
    {
        if ($this->to <= $this->from) {
            throw $place->get('to')->refuse(Text::of('expected a length above `from`'));
        }
        if ($this->top <= $this->bottom) {
            throw $place->get('top')->refuse(Text::of('expected a height above `bottom`'));
        }
    }
}
