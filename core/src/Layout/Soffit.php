<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Ring;

/** A beam, duct or dropped ceiling: its outline and the height of its underside above the floor. */
final readonly class Soffit
{
    public function __construct(public string $id, public Ring $outline, public ?float $underside = null) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['id', 'outline', 'underside']);

        return new self($place->get('id')->identifier(), $place->get('outline')->ring(), $place->optional('underside')?->length());
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Document::known(['id' => $this->id, 'outline' => Document::points($this->outline->points), 'underside' => $this->underside]);
    }
}
