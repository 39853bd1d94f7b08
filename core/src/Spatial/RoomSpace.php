<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Polygon;
use Heurema\Geometry\Segment;
use Heurema\Layout\Room;
use Heurema\Layout\SlopedCeiling;
use Heurema\Layout\Storey;
use Heurema\Layout\Wall;
use Heurema\Layout\Words\RoomUse;
use Heurema\Spatial\Subject\Subject;
use Heurema\Spatial\Subject\SubjectType;

/** A room with the space it stands for, if the drawing makes one. */
final readonly class RoomSpace implements Subject
{
    public function __construct(public Room $room, private Storey $storey, private ?Space $space, private ?Names $names = null) {}

    public function type(): SubjectType
    {
        return SubjectType::Room;
    }

    public function id(): string
    {
        return $this->room->id;
    }

    public function name(): string
    {
        return $this->names?->ofRoom($this->room) ?? $this->room->name;
    }

    /** Is it of a use, among others? */
    public function isOf(string $use): bool
    {
        return $this->room->use !== null && RoomUse::isSame($this->room->use->value, $use);
    }

    public function storey(): string
    {
        return $this->storey->id;
    }

    /** The floor between finished faces; null when the drawing does not settle it. */
    public function outline(): ?Polygon
    {
        return $this->outlineProblem() === null ? $this->space?->outline : null;
    }

    /** Why there is no outline, in the words of what is missing. */
    public function outlineProblem(): ?string
    {
        if ($this->space === null) {
            return "walls closed around {$this->room->id}.at";
        }
        $others = array_filter($this->space->rooms, fn(Room $room): bool => $room !== $this->room);
        $names = array_map(fn(Room $room): string => $this->names?->ofRoom($room) ?? $room->name, $others);

        return $names === [] ? null : 'a wall or divider between '.$this->name().' and '.implode(', ', $names);
    }

    /** @return list<Segment> wall faces around the room, the floor to the left; where a divider runs there is no face */
    public function faces(): array
    {
        $sides = array_filter($this->sides(), static fn(SpaceSide $side): bool => !$side->isOpen());

        return self::joined(array_map(static fn(SpaceSide $side): Segment => $side->segment, array_values($sides)));
    }

    /** @return list<Point> along the longest face and at right angles to it, four ways */
    public function wayDirections(): array
    {
        $faces = $this->faces();
        usort($faces, static fn(Segment $a, Segment $b): int => $b->length() <=> $a->length());
        $along = ($faces[0] ?? new Segment(new Point(0, 0), new Point(1, 0)))->direction();

        return [$along, $along->left(), $along->times(-1), $along->left()->times(-1)];
    }

    /** The ceiling over it, soffits left aside; null when nobody said how high it is. */
    public function ceiling(): float|SlopedCeiling|null
    {
        return $this->room->ceiling ?? $this->storey->ceiling;
    }

    /** Of its finished floor above the storey's, mm; negative where it lies below. */
    public function level(): float
    {
        return $this->room->level ?? 0.0;
    }

    /** @return list<SpaceSide> */
    public function sides(): array
    {
        return $this->space->sides ?? [];
    }

    /** The thickness that most of the wall around it has, mm; 0 where there is none. */
    public function usualWall(): float
    {
        $lengths = [];
        foreach ($this->sides() as $side) {
            $key = (string) $side->wall->thickness;
            $lengths[$key] = ($lengths[$key] ?? 0.0) + ($side->isOpen() ? 0.0 : $side->segment->length());
        }
        arsort($lengths);

        return (float) (array_key_first($lengths) ?? 0.0);
    }

    /** How high a wall around it is tiled, mm above the floor: as it says for itself, else as the room says; null where neither does. */
    public function tilesUpTo(Wall $wall, bool $isLeftOfWall): ?float
    {
        return $wall->tiles[$isLeftOfWall ? 0 : 1] ?? $this->room->tileHeight;
    }

    /** Where the document would say how high the ceiling is. */
    public function ceilingKey(): string
    {
        return "{$this->room->id}.ceiling or {$this->storey->id}.ceiling";
    }

    /**
     * Stretches in one line that follow on one another, made one.
     *
     * @param list<Segment> $segments in order around the room
     *
     * @return list<Segment>
     */
    private static function joined(array $segments): array
    {
        $joined = [];
        foreach ($segments as $segment) {
            $last = count($joined) - 1;
            if ($last >= 0 && self::continues($joined[$last], $segment)) {
                $joined[$last] = new Segment($joined[$last]->from, $segment->to);
            } else {
                $joined[] = $segment;
            }
        }
        $last = count($joined) - 1;
        if ($last > 0 && self::continues($joined[$last], $joined[0])) {
            $joined[0] = new Segment($joined[$last]->from, $joined[0]->to);
            array_pop($joined);
        }

        return array_values($joined);
    }

    private static function continues(Segment $first, Segment $second): bool
    {
        return $first->to->distanceTo($second->from) < 0.01
            && abs($first->direction()->cross($second->direction())) < 1e-6
            && $first->direction()->dot($second->direction()) > 0;
    }
}
