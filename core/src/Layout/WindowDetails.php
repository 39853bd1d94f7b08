<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\WindowOperation;
use Heurema\Units\ExpectedLength;

/** What only a window has. Lengths in mm, glass in m2; null where nobody said. */
final readonly class WindowDetails implements Described
{
    use ReadsByKeys;

    public function __construct(
        #[Key(label: 'Opens as')]
        public ?WindowOperation $operation = null,
        #[Key(Value::Length, label: 'Frame', expected: ExpectedLength::Frame)]
        public ?float $frame = null,
        #[Key(Value::Number, most: 10_000, label: 'Glass, m²')]
        public ?float $glassArea = null,
        #[Key(label: 'Safety glass')]
        public ?bool $safetyGlass = null,
        #[Key(label: 'Opening limiter')]
        public ?bool $openingLimiter = null,
        #[Key]
        public ?WindowWell $well = null,
        #[Key(Value::Length, label: 'Guarding up to, above floor')]
        public ?float $barHeight = null,
    ) {}
}
