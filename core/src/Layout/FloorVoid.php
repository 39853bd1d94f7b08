<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Ring;

/** An opening in a storey's floor, for a stair or a space two storeys high. */
final readonly class FloorVoid
{
    public function __construct(public string $id, public Ring $outline) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['id', 'outline']);

        return new self($place->get('id')->identifier(), $place->get('outline')->ring());
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'outline' => Document::points($this->outline->points)];
    }
}
