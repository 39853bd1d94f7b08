<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Layout\Words\RoomUse;

/** A room before its walls are made: its clear floor as a rectangle along x and y, by its middle and its sides in mm. */
final readonly class Block
{
    public function __construct(public string $id, public string $name, public ?RoomUse $use, public Point $at, public float $width, public float $depth) {}

    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self
    {
        $place->object(['id', 'name', 'use', 'at', 'width', 'depth']);

        return new self(
            $place->get('id')->identifier(),
            $place->get('name')->name(),
            $place->optional('use')?->word(RoomUse::class),
            $place->get('at')->point(),
            $place->get('width')->size(),
            $place->get('depth')->size(),
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
            'width' => $this->width,
            'depth' => $this->depth,
        ]);
    }

    public function box(): Box
    {
        return new Box($this->at->x - $this->width / 2, $this->at->y - $this->depth / 2, $this->at->x + $this->width / 2, $this->at->y + $this->depth / 2);
    }
}
