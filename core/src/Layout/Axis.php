<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;

/** A line that walls and columns are set out from, on every storey, with the letter or number by which people call it. */
final readonly class Axis
{
    public function __construct(public string $id, public string $name, public Point $from, public Point $to) {}

    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self
    {
        $place->object(['id', 'name', 'from', 'to']);
        $axis = new self($place->get('id')->identifier(), $place->get('name')->name(), $place->get('from')->point(), $place->get('to')->point());
        if ($axis->line()->length() < 1.0) {
            throw $place->get('to')->refuse('expected an axis that has some length');
        }

        return $axis;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'from' => $this->from->toArray(), 'to' => $this->to->toArray()];
    }

    public function line(): Segment
    {
        return new Segment($this->from, $this->to);
    }
}
