<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Box;
use Heurema\Geometry\Motion;
use Heurema\Geometry\Point;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\RoomUse;

/** A room before its walls are made: its clear floor as a rectangle along x and y, by its middle and its sides in mm. */
final readonly class Block implements Element
{
    use IsElement {
        carried as private atItsPlace;
    }

    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Name, label: 'Name', own: true)]
        public string $name,
        #[Key(label: 'Use')]
        public ?RoomUse $use,
        #[Key]
        public Point $at,
        #[Key(Value::Size)]
        public float $width,
        #[Key(Value::Size)]
        public float $depth,
    ) {}

    public static function list(): ElementList
    {
        return ElementList::Blocks;
    }

    public function withBox(Box $box): self
    {
        return $this->with(at: $box->middle(), width: $box->width(), depth: $box->height());
    }

    /** Turned by a quarter about its middle. */
    public function turned(): self
    {
        return $this->with(width: $this->depth, depth: $this->width);
    }

    public function carried(Motion $motion): static
    {
        $there = $this->atItsPlace($motion);

        return $motion->swapsAxes() ? $there->turned() : $there;
    }

    public function box(): Box
    {
        return new Box(
            $this->at->x - $this->width / 2,
            $this->at->y - $this->depth / 2,
            $this->at->x + $this->width / 2,
            $this->at->y + $this->depth / 2,
        );
    }
}
