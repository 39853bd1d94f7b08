<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\Status;

/** A door, a window or a bare opening in a wall. Lengths in mm; null where nobody said. */
final readonly class Opening
{
    private const KEYS = ['id', 'kind', 'wall', 'at', 'width', 'height', 'sill', 'trim', 'status', 'locked', 'clear_width', 'clear_height'];
    private const DOOR_KEYS = ['operation', 'hinge', 'opens', 'leaf_thickness', 'glazed', 'safety_glass', 'exterior_level', 'threshold', 'self_closing', 'fire_minutes', 'leaves'];
    private const GAP_KEYS = ['exterior_level', 'threshold'];
    private const WINDOW_KEYS = ['operation', 'frame', 'glass_area', 'safety_glass', 'opening_limiter', 'well'];

    /** @param float $at distance from the wall's start to the opening's middle */
    public function __construct(
        public string $id,
        public OpeningKind $kind,
        public string $wall,
        public float $at,
        public ?float $width = null,
        public ?float $height = null,
        public ?float $sill = null,
        public ?float $trim = null,
        public Status $status = Status::New,
        public bool $locked = false,
        public ?float $clearWidth = null,
        public ?float $clearHeight = null,
        public ?DoorDetails $door = null,
        public ?WindowDetails $window = null,
    ) {}

    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self
    {
        $kind = $place->get('kind')->word(OpeningKind::class);
        $place->object([...self::KEYS, ...match ($kind) {
            OpeningKind::Door => self::DOOR_KEYS,
            OpeningKind::Gap => self::GAP_KEYS,
            OpeningKind::Window => self::WINDOW_KEYS,
        }]);

        return new self(
            $place->get('id')->identifier(),
            $kind,
            $place->get('wall')->identifier(),
            $place->get('at')->length(),
            $place->optional('width')?->size(),
            $place->optional('height')?->size(),
            $place->optional('sill')?->length(),
            $place->optional('trim')?->length(),
            $place->optional('status')?->word(Status::class) ?? Status::New,
            $place->optional('locked')?->boolean() ?? false,
            $place->optional('clear_width')?->length(),
            $place->optional('clear_height')?->length(),
            $kind === OpeningKind::Window ? null : DoorDetails::read($place),
            $kind === OpeningKind::Window ? WindowDetails::read($place) : null,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Document::known([
            'id' => $this->id,
            'kind' => $this->kind->value,
            'wall' => $this->wall,
            'at' => $this->at,
            'width' => $this->width,
            'height' => $this->height,
            'sill' => $this->sill,
            'trim' => $this->trim,
            'status' => Document::unless($this->status, Status::New),
            'locked' => $this->locked ? true : null,
            'clear_width' => $this->clearWidth,
            'clear_height' => $this->clearHeight,
            ...($this->door?->toArray() ?? []),
            ...($this->window?->toArray() ?? []),
        ]);
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }
}
