<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Language\Text;
use Heurema\Layout\Room;
use Heurema\Layout\Storey;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A stretch of floor closed in by walls, whatever was written into it; known by its rooms, else by the walls around it. */
final readonly class ClosedSpace implements Subject
{
    /** @param int $number among spaces between the same walls, the largest first */
    public function __construct(public Space $space, private Storey $storey, private int $number = 1) {}

    public function numbered(int $number): self
    {
        return new self($this->space, $this->storey, $number);
    }

    public function type(): SubjectType
    {
        return SubjectType::Space;
    }

    public function id(): string
    {
        $around = $this->space->rooms === []
            ? ['walls', ...array_map(static fn(SpaceSide $side): string => $side->wall->id, $this->space->sides)]
            : ['rooms', ...array_map(static fn(Room $room): string => $room->id, $this->space->rooms)];
        $around = array_unique($around);
        sort($around);

        return "{$this->storey->id}-".substr(hash('sha256', implode(' ', $around)), 0, 10).($this->number > 1 ? "-{$this->number}" : '');
    }

    public function name(): string
    {
        $names = array_map(static fn(Room $room): string => $room->name, $this->space->rooms);

        return $names === [] ? Text::of('Unnamed space') : Text::of('Space of {names}', names: implode(Text::of(' and '), $names));
    }

    public function storey(): string
    {
        return $this->storey->id;
    }
}
