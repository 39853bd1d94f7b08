<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Layout\Axis;

/** Where an axis meets another one. */
final readonly class AxisCrossing
{
    /** @param float $along from the start of the axis, mm */
    public function __construct(public Axis $axis, public Axis $other, public Point $at, public float $along) {}

    /** By which it is chosen, the same from either of its axes. */
    public function key(): string
    {
        $ids = [$this->axis->id, $this->other->id];
        sort($ids);

        return implode(':', $ids);
    }

    /** `A/1`, in the order in which people say it: the letter first. */
    public function name(): string
    {
        $names = [$this->axis->name, $this->other->name];
        usort($names, static fn(string $a, string $b): int => ctype_digit($a) <=> ctype_digit($b));

        return implode('/', $names);
    }
}
