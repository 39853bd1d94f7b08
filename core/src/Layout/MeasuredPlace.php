<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Schema\Described;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\MotionRule;
use Heurema\Layout\Schema\Movable;
use Heurema\Layout\Schema\ReadsByKeys;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\PlaceOn;
use Heurema\Layout\Words\WallSide;

/** Where a dimension begins or ends: a place of an element, with which it goes along, or a place of the plan. */
final readonly class MeasuredPlace implements Described, Movable
{
    use ReadsByKeys;

    /**
     * @param Point         $at     where it was pointed at
     * @param string|null   $of     id of the element; null: it stays where it is
     * @param WallSide|null $side   of a wall: its face, null its centre line; of a fixture: its edge, null its middle
     * @param float|null    $along  of a wall or an axis: mm from its start
     * @param PlaceOn|null  $place  of an opening or a fixture
     * @param int|null      $corner of an outline: which of its corners, from 0
     */
    public function __construct(
        #[Key]
        public Point $at,
        #[Key(Value::Identifier)]
        public ?string $of = null,
        #[Key(under: MotionRule::ChangesSides)]
        public ?WallSide $side = null,
        #[Key(Value::Elevation)]
        public ?float $along = null,
        #[Key]
        public ?PlaceOn $place = null,
        #[Key(Value::Whole, least: 0, most: 1000)]
        public ?int $corner = null,
    ) {}

    /** @param array<string, string> $newIds of copies, by what they are copies of; of anything else it becomes independent */
    public function copied(array $newIds): self
    {
        return isset($newIds[$this->of]) ? $this->with(of: $newIds[$this->of]) : new self($this->at);
    }

    /** On another wall, or at another place of one that was drawn anew. */
    public function onWall(string $wall, float $along): self
    {
        return $this->with(of: $wall, along: round($along, 4));
    }

    /** As it is told of on a wall that runs the other way. */
    public function onTurnedWall(): self
    {
        return $this->with(side: $this->side?->other());
    }
}
