<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\RoomUse;
use Heurema\Units\ExpectedLength;

/** A named use of a space; its outline is whatever the walls around `at` leave. */
final readonly class Room implements Element
{
    use IsElement;

    /**
     * @param float|null $exhaustRate how much air its exhaust moves, litres a second
     * @param float|null $floorFinishThickness of what lies on the bare floor, mm; its top is the floor that all heights are above
     * @param float|null $level its finished floor above the storey's, mm, below when negative; null: as high
     */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Name, otherwise: 'id', label: 'Name', own: true)]
        public string $name,
        #[Key(label: 'Use')]
        public ?RoomUse $use,
        #[Key]
        public Point $at,
        #[Key(Value::Size, label: 'Ceiling, if other', expected: ExpectedLength::CeilingHeight)]
        public float|SlopedCeiling|null $ceiling = null,
        #[Key(Value::Whole, most: 1000, label: 'Bed spaces')]
        public ?int $bedspaces = null,
        #[Key(label: 'Exhaust to outside')]
        public ?bool $exhaust = null,
        #[Key(Value::AirFlow, most: 10_000, label: 'Exhaust rate')]
        public ?float $exhaustRate = null,
        #[Key(label: 'Artificial light')]
        public ?bool $lit = null,
        #[Key(label: 'Wet')]
        public ?bool $wet = null,
        #[Key(Value::Length, label: 'Tiles up to')]
        public ?float $tileHeight = null,
        #[Key(Value::Text, label: 'Floor finish')]
        public ?string $floorFinish = null,
        #[Key(Value::Length, label: 'Floor finish, thickness')]
        public ?float $floorFinishThickness = null,
        #[Key(Value::Elevation, label: 'Floor above the storey’s')]
        public ?float $level = null,
        #[Key(Value::Mark, label: 'Number', own: true)]
        public ?string $mark = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Rooms;
    }

    public function withAt(Point $at): self
    {
        return $this->with(at: $at);
    }
}
