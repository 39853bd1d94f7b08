<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Ifc\Step\Instance;
use Heurema\Layout\Storey;

/** One storey of a layout while it is read from a file. Lengths in mm; heights are of the project, zero where its origin is. */
final class StoreyDraft
{
    /** What stands on a floor begins no farther under it, mm. */
    private const ABOVE_FLOOR = 300.0;

    public ?float $ceiling = null;
    public ?float $floorThickness = null;

    /** @var list<DrawnWall> */
    public array $walls = [];

    /** @var list<DrawnSpace> */
    public array $spaces = [];

    /** @var array<string, array<int, array<string, mixed>>> elements as a document writes them, by list and by their numbers in the file */
    private array $lists = [];

    /** @param array<string, mixed> $kept what a layout said of it */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly float $elevation,
        private readonly array $kept = [],
    ) {}

    /**
     * The number of the storey whose floor something stands on; null where it lies under all of them.
     *
     * @param list<self> $storeys lowest first
     * @param float      $foot    height of its foot
     */
    public static function under(float $foot, array $storeys): ?int
    {
        $found = null;
        foreach ($storeys as $number => $storey) {
            $found = $storey->elevation <= $foot + self::ABOVE_FLOOR ? $number : $found;
        }

        return $found;
    }

    /** @param array<string, mixed> $element as a document writes it */
    public function add(string $list, Instance $of, array $element): void
    {
        $this->lists[$list][$of->id] = $element;
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
        $walls = $this->walls;
        usort($walls, static fn(DrawnWall $a, DrawnWall $b): int => ($a->element->id ?? PHP_INT_MAX) <=> ($b->element->id ?? PHP_INT_MAX));
        $lists = array_map(self::inOrder(...), $this->lists);
        foreach ($lists as $list => $elements) {
            $before = $this->kept[$list] ?? [];
            $lists[$list] = [...$elements, ...is_array($before) ? $before : []];
        }

        $told = [
            'id' => $this->id,
            'name' => $this->name,
            'elevation' => round($this->elevation, 4),
            'ceiling' => $this->ceiling,
            'floor_thickness' => $this->floorThickness,
            'voids' => [],
            'notes' => [],
        ];

        return array_filter([
            ...($this->kept === [] ? $told : $this->kept),
            'walls' => array_map(static fn(DrawnWall $wall): array => $wall->toArray(), $walls),
            ...$lists,
        ], static fn(mixed $value): bool => $value !== null);
    }

    /**
     * @param array<int, array<string, mixed>> $elements
     *
     * @return list<array<string, mixed>>
     */
    private static function inOrder(array $elements): array
    {
        ksort($elements);

        return array_values($elements);
    }
}
