<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Words\WindowOperation;

/** What only a window has. Lengths in mm, glass in m2; null where nobody said. */
final readonly class WindowDetails
{
    public function __construct(
        public ?WindowOperation $operation = null,
        public ?float $frame = null,
        public ?float $glassArea = null,
        public ?bool $safetyGlass = null,
        public ?bool $openingLimiter = null,
        public ?WindowWell $well = null,
    ) {}

    public static function read(JsonCursor $place): self
    {
        $well = $place->optional('well');

        return new self(
            $place->optional('operation')?->word(WindowOperation::class),
            $place->optional('frame')?->length(),
            $place->optional('glass_area')?->number(0, 10_000),
            $place->optional('safety_glass')?->boolean(),
            $place->optional('opening_limiter')?->boolean(),
            $well === null ? null : WindowWell::read($well),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'operation' => $this->operation?->value,
            'frame' => $this->frame,
            'glass_area' => $this->glassArea,
            'safety_glass' => $this->safetyGlass,
            'opening_limiter' => $this->openingLimiter,
            'well' => $this->well?->toArray(),
        ];
    }
}
