<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;

/** The pit in front of a window below the ground; in mm. */
final readonly class WindowWell implements Described
{
    use ReadsByKeys;

    public function __construct(
        #[Key(Value::Size, label: 'Well, width')]
        public ?float $width = null,
        #[Key(Value::Size, label: 'Well, from the wall')]
        public ?float $projection = null,
        #[Key(Value::Size, label: 'Well, depth')]
        public ?float $depth = null,
        #[Key(label: 'Well, ladder or steps')]
        public ?bool $ladder = null,
    ) {}
}
