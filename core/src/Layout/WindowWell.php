<?php

declare(strict_types=1);

namespace Heurema\Layout;

/** The pit in front of a window below the ground; in mm. */
final readonly class WindowWell
{
    public function __construct(public ?float $width = null, public ?float $projection = null, public ?float $depth = null, public ?bool $ladder = null) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['width', 'projection', 'depth', 'ladder']);

        return new self($place->optional('width')?->size(), $place->optional('projection')?->size(), $place->optional('depth')?->size(), $place->optional('ladder')?->boolean());
    }

    /** @return array<string, mixed>|\stdClass */
    public function toArray(): array|\stdClass
    {
        $known = Document::known(['width' => $this->width, 'projection' => $this->projection, 'depth' => $this->depth, 'ladder' => $this->ladder]);

        return $known === [] ? new \stdClass() : $known;
    }
}
