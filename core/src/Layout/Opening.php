<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Language\Text;
use Heurema\Layout\Schema\EmbeddedPart;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\Status;
use Heurema\Units\ExpectedLength;

/** A door, a window or a bare opening in a wall. Lengths in mm; null where nobody said. */
final readonly class Opening implements Element
{
    use IsElement;

    private const WIDTHS = [
        'door' => ExpectedLength::DoorWidth,
        'gap' => ExpectedLength::DoorWidth,
        'window' => ExpectedLength::WindowWidth,
    ];
    private const HEIGHTS = [
        'door' => ExpectedLength::DoorHeight,
        'gap' => ExpectedLength::DoorHeight,
        'window' => ExpectedLength::WindowHeight,
    ];

    /** @param float $at distance from the wall's start to the opening's middle */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key]
        public OpeningKind $kind,
        #[Key(Value::Identifier)]
        public string $wall,
        #[Key(Value::Length, label: 'Middle, from the wall’s start', own: true)]
        public float $at,
        #[Key(Value::Size, label: 'Width', expected: self::WIDTHS)]
        public ?float $width = null,
        #[Key(Value::Size, label: 'Height', expected: self::HEIGHTS)]
        public ?float $height = null,
        #[Key(Value::Length, suits: [OpeningKind::Window], label: 'Sill', expected: ExpectedLength::Sill)]
        public ?float $sill = null,
        #[Key(Value::Length, label: 'Casing')]
        public ?float $trim = null,
        #[Key(label: 'Status')]
        public Status $status = Status::New,
        #[Key(label: 'Locked in its place')]
        public bool $locked = false,
        #[Key(Value::Length, label: 'Clear width, if measured')]
        public ?float $clearWidth = null,
        #[Key(Value::Length, label: 'Clear height, if measured')]
        public ?float $clearHeight = null,
        #[EmbeddedPart(only: [OpeningKind::Door, OpeningKind::Bare])]
        public ?DoorDetails $door = null,
        #[EmbeddedPart(only: [OpeningKind::Window])]
        public ?WindowDetails $window = null,
        #[Key(Value::Mark, label: 'Mark', own: true)]
        public ?string $mark = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Openings;
    }

    public function name(): string
    {
        return Text::capital($this->kind->value).' '.$this->id;
    }

    public function withAt(float $at): self
    {
        return $this->with(at: round($at, 4));
    }

    /** In another wall, or at another place of one that was drawn anew. */
    public function inWall(string $wall, float $at): self
    {
        return $this->with(wall: $wall, at: round($at, 4));
    }

    /** As it is told of in a wall that runs the other way. */
    public function inTurnedWall(): self
    {
        return $this->door === null ? $this : $this->with(door: $this->door->inTurnedWall());
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }
}
