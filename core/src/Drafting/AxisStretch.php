<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Segment;
use Heurema\Language\Text;
use Heurema\Layout\Axis;

/** A piece of an axis from one crossing to the next. */
final readonly class AxisStretch
{
    /**
     * @param int  $number  on its axis, from 0
     * @param bool $isOuter nothing crosses on one side of its axis
     */
    public function __construct(
        public Axis $axis,
        public int $number,
        public AxisCrossing $from,
        public AxisCrossing $to,
        public bool $isOuter,
    ) {}

    /** By which it is chosen. */
    public function key(): string
    {
        return "{$this->axis->id}:{$this->number}";
    }

    public function line(): Segment
    {
        return new Segment($this->from->at, $this->to->at);
    }

    /** By the axes that bound it: `1 to 2`. */
    public function name(): string
    {
        return Text::of('{name} to {name2}', name: $this->from->other->name, name2: $this->to->other->name);
    }
}
