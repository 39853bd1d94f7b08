<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Geometry\Point;
use Heurema\Layout\Schema\Key;
use Heurema\Layout\Schema\Value;
use Heurema\Layout\Words\GuardFilling;

/**
 * A railing along a line of points; `largestGap` is the largest ball that passes through it, in mm; `climbable`: children find footholds in
 * it.
 */
final readonly class Guard implements Element
{
    use IsElement;

    /** @param list<Point> $line */
    public function __construct(
        #[Key(Value::Identifier)]
        public string $id,
        #[Key(Value::Points, least: 2)]
        public array $line,
        #[Key(Value::Size, label: 'Height')]
        public ?float $height = null,
        #[Key(Value::Length, label: 'Largest gap')]
        public ?float $largestGap = null,
        #[Key(label: 'Climbable')]
        public ?bool $climbable = null,
        #[Key(label: 'Filled with')]
        public ?GuardFilling $filling = null,
        #[Key(Value::Mark, label: 'Mark', own: true)]
        public ?string $mark = null,
    ) {}

    /** The largest ball that passes through it, mm: none through what is closed, unless it was said. */
    public function gap(): ?float
    {
        return $this->largestGap ?? ($this->filling?->isClosed() === true ? 0.0 : null);
    }

    /** Do children find footholds in it? Not in what is closed, unless it was said. */
    public function isClimbable(): ?bool
    {
        return $this->climbable ?? ($this->filling?->isClosed() === true ? false : null);
    }

    public static function list(): ElementList
    {
        return ElementList::Guards;
    }
}
