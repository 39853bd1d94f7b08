<?php

declare(strict_types=1);

namespace Heurema\Layout;

/** One level of the home and what is drawn on it. Lengths in mm; null where nobody said. */
final readonly class Storey
{
    private const KEYS = ['id', 'name', 'elevation', 'ceiling', 'floor_thickness', 'walls', 'openings', 'rooms', 'fixtures', 'voids', 'soffits', 'guards', 'notes', 'blocks'];

    /**
     * @param float|null       $elevation      top of the finished floor
     * @param float|null       $ceiling        floor to ceiling, clear
     * @param float|null       $floorThickness finished floor down to the underside of its structure
     * @param list<Wall>       $walls
     * @param list<Opening>    $openings
     * @param list<Room>       $rooms
     * @param list<Fixture>    $fixtures
     * @param list<FloorVoid>  $voids
     * @param list<Soffit>     $soffits
     * @param list<Guard>      $guards
     * @param list<Note>       $notes
     * @param list<Block>      $blocks         rooms whose walls are not made yet
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?float $elevation = null,
        public ?float $ceiling = null,
        public ?float $floorThickness = null,
        public array $walls = [],
        public array $openings = [],
        public array $rooms = [],
        public array $fixtures = [],
        public array $voids = [],
        public array $soffits = [],
        public array $guards = [],
        public array $notes = [],
        public array $blocks = [],
    ) {}

    /** @throws UnreadableLayout */
    public static function read(JsonCursor $place): self
    {
        $place->object(self::KEYS);
        $id = $place->get('id')->identifier();

        return new self(
            $id,
            $place->optional('name')?->name() ?? $id,
            $place->optional('elevation')?->elevation(),
            $place->optional('ceiling')?->size(),
            $place->optional('floor_thickness')?->length(),
            array_map(Wall::read(...), self::items($place, 'walls')),
            array_map(Opening::read(...), self::items($place, 'openings')),
            array_map(Room::read(...), self::items($place, 'rooms')),
            array_map(Fixture::read(...), self::items($place, 'fixtures')),
            array_map(FloorVoid::read(...), self::items($place, 'voids')),
            array_map(Soffit::read(...), self::items($place, 'soffits')),
            array_map(Guard::read(...), self::items($place, 'guards')),
            array_map(Note::read(...), self::items($place, 'notes')),
            array_map(Block::read(...), self::items($place, 'blocks')),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return Document::known([
            'id' => $this->id,
            'name' => $this->name,
            'elevation' => $this->elevation,
            'ceiling' => $this->ceiling,
            'floor_thickness' => $this->floorThickness,
            'walls' => array_map(static fn(Wall $wall): array => $wall->toArray(), $this->walls),
            'openings' => array_map(static fn(Opening $opening): array => $opening->toArray(), $this->openings),
            'rooms' => array_map(static fn(Room $room): array => $room->toArray(), $this->rooms),
            'fixtures' => array_map(static fn(Fixture $fixture): array => $fixture->toArray(), $this->fixtures),
            'voids' => array_map(static fn(FloorVoid $void): array => $void->toArray(), $this->voids),
            'soffits' => array_map(static fn(Soffit $soffit): array => $soffit->toArray(), $this->soffits),
            'guards' => array_map(static fn(Guard $guard): array => $guard->toArray(), $this->guards),
            'notes' => array_map(static fn(Note $note): array => $note->toArray(), $this->notes),
            'blocks' => Document::unlessEmpty(array_map(static fn(Block $block): array => $block->toArray(), $this->blocks)),
        ]);
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

    /** @return list<JsonCursor> */
    private static function items(JsonCursor $place, string $key): array
    {
        return $place->optional($key)?->items() ?? [];
    }
}
