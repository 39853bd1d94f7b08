<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Layout\Room;
use Heurema\Layout\Storey;

/** A stretch of floor closed in by walls, whatever was written into it; known by where its middle lies. */
final readonly class ClosedSpace implements Subject
{
    public function __construct(public Space $space, private Storey $storey) {}

    public function type(): SubjectType
    {
        return SubjectType::Space;
    }

    public function id(): string
    {
        $middle = $this->space->outline->bounds()->middle();

        return sprintf('%s-%d-%d', $this->storey->id, (int) round($middle->x), (int) round($middle->y));
    }

    public function name(): string
    {
        $names = array_map(static fn(Room $room): string => $room->name, $this->space->rooms);

        return $names === [] ? 'Unnamed space' : 'Space of '.implode(' and ', $names);
    }

    public function storey(): string
    {
        return $this->storey->id;
    }
}
