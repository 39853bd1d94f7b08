<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Words\DoorOperation;
use Heurema\Layout\Words\HingeEnd;
use Heurema\Layout\Words\WallSide;

/** What only a door or a gap has. Lengths in mm; null where nobody said. Leaves: how many a folding door has. */
final readonly class DoorDetails
{
    public function __construct(
        public ?DoorOperation $operation = null,
        public ?HingeEnd $hinge = null,
        public ?WallSide $opens = null,
        public ?float $leafThickness = null,
        public ?bool $glazed = null,
        public ?float $exteriorLevel = null,
        public ?float $threshold = null,
        public ?bool $selfClosing = null,
        public ?float $fireMinutes = null,
        public ?bool $safetyGlass = null,
        public ?int $leaves = null,
    ) {}

    public static function read(JsonCursor $place): self
    {
        return new self(
            $place->optional('operation')?->word(DoorOperation::class),
            $place->optional('hinge')?->word(HingeEnd::class),
            $place->optional('opens')?->word(WallSide::class),
            $place->optional('leaf_thickness')?->size(),
            $place->optional('glazed')?->boolean(),
            $place->optional('exterior_level')?->elevation(),
            $place->optional('threshold')?->length(),
            $place->optional('self_closing')?->boolean(),
            $place->optional('fire_minutes')?->number(0, 1000),
            $place->optional('safety_glass')?->boolean(),
            $place->optional('leaves')?->integer(2, 20),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'operation' => $this->operation?->value,
            'hinge' => $this->hinge?->value,
            'opens' => $this->opens?->value,
            'leaf_thickness' => $this->leafThickness,
            'glazed' => $this->glazed,
            'safety_glass' => $this->safetyGlass,
            'exterior_level' => $this->exteriorLevel,
            'threshold' => $this->threshold,
            'self_closing' => $this->selfClosing,
            'fire_minutes' => $this->fireMinutes,
            'leaves' => $this->leaves,
        ];
    }
}
