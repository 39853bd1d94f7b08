<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;
use Heurema\Units\ExpectedLength;

/** One level of the home and what is drawn on it. Lengths in mm; null where nobody said. */
final readonly class Storey implements Element
{
    use IsElement;

    /**
     * @param float|null      $elevation      top of the finished floor
     * @param float|null      $ceiling        floor to ceiling, clear
     * @param float|null      $floorThickness finished floor down to the underside of its structure
     * @param list<Wall>      $walls
     * @param list<Opening>   $openings
     * @param list<RoofWindow> $roofWindows
     * @param list<Room>      $rooms
     * @param list<Fixture>   $fixtures
     * @param list<FloorOpening> $voids
     * @param list<Soffit>    $soffits
     * @param list<Guard>     $guards
     * @param list<Terrace>   $terraces       level ground outside
     * @param list<Note>      $notes
     * @param list<DrawnDimension> $dimensions placed by hand
     * @param list<Block>     $blocks         rooms whose walls are not made yet
     */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Name, otherwise: 'id', label: 'Name', own: true)]
        public string $name,
        #[Key(Value::Elevation)]
        public ?float $elevation = null,
        #[Key(Value::Size, label: 'Ceiling height', expected: ExpectedLength::CeilingHeight)]
        public ?float $ceiling = null,
        #[Key(Value::Length, label: 'Floor thickness')]
        public ?float $floorThickness = null,
        #[Key(Value::Parts, of: Wall::class, always: true)]
        public array $walls = [],
        #[Key(Value::Parts, of: Opening::class, always: true)]
        public array $openings = [],
        #[Key(Value::Parts, of: RoofWindow::class)]
        public array $roofWindows = [],
        #[Key(Value::Parts, of: Room::class, always: true)]
        public array $rooms = [],
        #[Key(Value::Parts, of: Fixture::class, always: true)]
        public array $fixtures = [],
        #[Key(Value::Parts, of: FloorOpening::class, always: true)]
        public array $voids = [],
        #[Key(Value::Parts, of: Soffit::class, always: true)]
        public array $soffits = [],
        #[Key(Value::Parts, of: Guard::class, always: true)]
        public array $guards = [],
        #[Key(Value::Parts, of: Terrace::class)]
        public array $terraces = [],
        #[Key(Value::Parts, of: Note::class, always: true)]
        public array $notes = [],
        #[Key(Value::Parts, of: Block::class)]
        public array $blocks = [],
        #[Key(Value::Parts, of: DrawnDimension::class, most: 2000)]
        public array $dimensions = [],
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Storeys;
    }

    public function withElevation(float $elevation): self
    {
        return $this->with(elevation: round($elevation, 4));
    }

    public function withHeights(?float $ceiling, ?float $floorThickness): self
    {
        return $this->with(ceiling: $ceiling, floorThickness: $floorThickness);
    }

    /** @param array<string, list<Element>> $lists by name */
    public function withLists(array $lists): self
    {
        $properties = array_map(static fn(string $list): string => ElementList::from($list)->property(), array_keys($lists));

        return $this->with(...array_combine($properties, $lists));
    }

    /** Its own fields, without what is drawn on it. */
    public function bare(): self
    {
        return $this->withLists(array_fill_keys(array_column(ElementList::ofStorey(), 'value'), []));
    }

    /** @return list<Element> */
    public function elements(ElementList $list): array
    {
        /** @var array<string, list<Element>> $lists */
        $lists = get_object_vars($this);

        return $lists[$list->property()];
    }

    /** @return list<Wall> */
    public function standingWalls(): array
    {
        return array_values(array_filter($this->walls, static fn(Wall $wall): bool => $wall->stands()));
    }

    public function wall(string $id): ?Wall
    {
        foreach ($this->walls as $wall) {
            if ($wall->id === $id) {
                return $wall;
            }
        }

        return null;
    }
}
