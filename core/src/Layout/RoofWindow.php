<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\OpeningKind;
use Heurema\Layout\Words\Status;
use Heurema\Layout\Words\WindowOperation;
use Heurema\Units\ExpectedLength;

/**
 * A window in the sloped ceiling of the room that it lies over; under a level ceiling it lies level, up the sheet. Lengths in mm, glass in
 * m2; null where nobody said.
 */
final readonly class RoofWindow implements Element
{
    use IsElement;

    /**
     * @param Point      $at     the middle of its lower edge, on plan
     * @param float|null $height of its opening, along the slope
     */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key]
        public Point $at,
        #[Key(Value::Size, label: 'Width', expected: ExpectedLength::WindowWidth)]
        public ?float $width = null,
        #[Key(Value::Size, label: 'Height, along the slope', expected: ExpectedLength::WindowHeight)]
        public ?float $height = null,
        #[Key(label: 'Opens as')]
        public ?WindowOperation $operation = null,
        #[Key(Value::Length, label: 'Frame', expected: ExpectedLength::Frame)]
        public ?float $frame = null,
        #[Key(Value::Number, most: 10_000, label: 'Glass, m²')]
        public ?float $glassArea = null,
        #[Key(label: 'Safety glass')]
        public ?bool $safetyGlass = null,
        #[Key(label: 'Opening limiter')]
        public ?bool $openingLimiter = null,
        #[Key(Value::Length, label: 'Clear width, if measured')]
        public ?float $clearWidth = null,
        #[Key(Value::Length, label: 'Clear height, if measured')]
        public ?float $clearHeight = null,
        #[Key(label: 'Status')]
        public Status $status = Status::New,
        #[Key(label: 'Locked in its place')]
        public bool $locked = false,
        #[Key(Value::Mark, label: 'Mark', own: true)]
        public ?string $mark = null,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::RoofWindows;
    }

    public function stands(): bool
    {
        return $this->status !== Status::Removed;
    }

    /** The same as an opening of an upright plane through its lower edge. */
    public function opening(string $wall, float $at, ?float $sill): Opening
    {
        return new Opening(
            id: $this->id,
            kind: OpeningKind::Window,
            wall: $wall,
            at: $at,
            width: $this->width,
            height: $this->height,
            sill: $sill,
            status: $this->status,
            locked: $this->locked,
            clearWidth: $this->clearWidth,
            clearHeight: $this->clearHeight,
            window: new WindowDetails($this->operation, $this->frame, $this->glassArea, $this->safetyGlass, $this->openingLimiter),
        );
    }
}
