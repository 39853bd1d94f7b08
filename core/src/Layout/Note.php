<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;

/** Words written on the plan. */
final readonly class Note
{
    public function __construct(public string $id, public Point $at, public string $text) {}

    public static function read(JsonCursor $place): self
    {
        $place->object(['id', 'at', 'text']);

        return new self($place->get('id')->identifier(), $place->get('at')->point(), $place->get('text')->text());
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'at' => $this->at->toArray(), 'text' => $this->text];
    }
}
