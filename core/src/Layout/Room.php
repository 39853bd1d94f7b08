<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Words\RoomUse;

/** A named use of a space; its outline is whatever the walls around `at` leave. */
final readonly class Room
{
    private const KEYS = ['id', 'name', 'use', 'at', 'ceiling', 'bedspaces', 'exhaust', 'lit', 'wet', 'tile_height', 'floor_finish'];

    public function __construct(
        public string $id,
        public string $name,
        public ?RoomUse $use,
        public Point $at,
        public float|SlopedCeiling|null $ceiling = null,
        public ?int $bedspaces = null,
        public ?bool $exhaust = null,
        public ?bool $lit = null,
        public ?bool $wet = null,
        public ?float $tileHeight = null,
        public ?string $floorFinish = null,
    ) {}

    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self
    {
        $place->object(self::KEYS);
        $ceiling = $place->optional('ceiling');
        $id = $place->get('id')->identifier();

        return new self(
            $id,
            $place->optional('name')?->name() ?? $id,
            $place->optional('use')?->word(RoomUse::class),
            $place->get('at')->point(),
            $ceiling?->isObject() === true ? SlopedCeiling::read($ceiling) : $ceiling?->size(),
            $place->optional('bedspaces')?->integer(0, 1000),
            $place->optional('exhaust')?->boolean(),
            $place->optional('lit')?->boolean(),
            $place->optional('wet')?->boolean(),
            $place->optional('tile_height')?->length(),
            $place->optional('floor_finish')?->text(),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Document::known([
            'id' => $this->id,
            'name' => $this->name,
            'use' => $this->use?->value,
            'at' => $this->at->toArray(),
            'ceiling' => $this->ceiling instanceof SlopedCeiling ? $this->ceiling->toArray() : $this->ceiling,
            'bedspaces' => $this->bedspaces,
            'exhaust' => $this->exhaust,
            'lit' => $this->lit,
            'wet' => $this->wet,
            'tile_height' => $this->tileHeight,
            'floor_finish' => $this->floorFinish,
        ]);
    }
}
