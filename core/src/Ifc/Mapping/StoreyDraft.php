<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Layout\Storey;

/** One storey of a layout while it is read from a file. Lengths in mm; heights are of the project, zero where its origin is. */
final class StoreyDraft
{
    public ?float $ceiling = null;
    public ?float $floorThickness = null;

    /** @var list<DrawnWall> */
    public array $walls = [];

    /** @var list<DrawnSpace> */
    public array $spaces = [];

    /** @var array<string, list<array<string, mixed>>> elements as a document writes them, by list */
    private array $lists = [];

    public function __construct(public readonly string $id, public readonly string $name, public readonly float $elevation) {}

    /** @param array<string, mixed> $element */
    public function add(string $list, array $element): void
    {
        $this->lists[$list][] = $element;
    }

    /** The space that a place lies in. */
    public function spaceAt(Point $point): ?DrawnSpace
    {
        foreach ($this->spaces as $space) {
            if ($space->outline->contains($point)) {
                return $space;
            }
        }

        return null;
    }

    /**
     * As a document writes it.
     *
     * @see Storey
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return array_filter([
            'id' => $this->id,
            'name' => $this->name,
            'elevation' => round($this->elevation, 4),
            'ceiling' => $this->ceiling,
            'floor_thickness' => $this->floorThickness,
            'walls' => array_map(static fn(DrawnWall $wall): array => $wall->toArray(), $this->walls),
            'openings' => [], 'rooms' => [], 'fixtures' => [], 'voids' => [], 'soffits' => [], 'guards' => [], 'notes' => [],
            ...$this->lists,
        ], static fn(mixed $value): bool => $value !== null);
    }
}
