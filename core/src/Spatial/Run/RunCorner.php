<?php

declare(strict_types=1);

namespace Heurema\Spatial\Run;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Words\FixtureKind;
use Heurema\Spatial\PlacedFixture;

/** The inner corner of a run between two legs: open, with a unit that reaches in, or with one whose front is cut off between them. */
final readonly class RunCorner
{
    /** Along both walls from the corner, mm: of a unit that is cut off, and of the worktop over it; null: there is none. */
    public ?float $reach;
    private ?float $worktop;

    public function __construct(private RunLeg $left, private RunLeg $right)
    {
        $this->reach = $left->cutOff(true, false) ?? $right->cutOff(false, false);
        $this->worktop = $left->cutOff(true, true) ?? $right->cutOff(false, true);
    }

    public function kind(): RunCornerKind
    {
        return match (true) {
            $this->reach !== null => RunCornerKind::Diagonal,
            $this->left->reachesBeyond($this->end(), true) || $this->right->reachesBeyond($this->start(), false) => RunCornerKind::Blind,
            default => RunCornerKind::Open,
        };
    }

    /** Where the left leg ends along itself. */
    public function end(): float
    {
        return $this->reach === null ? -$this->right->front : -$this->right->back - $this->reach;
    }

    /** Where the right leg begins along itself. */
    public function start(): float
    {
        return $this->reach === null ? $this->left->front : $this->left->back + $this->reach;
    }

    /** What lies between the two along the fronts, mm: what is missing to the corner at either side, or the front that is cut off. */
    public function between(): float
    {
        return $this->reach === null
            ? max(0.0, -$this->right->front - $this->left->right) + max(0.0, $this->right->left - $this->left->front)
            : $this->diagonal()->length();
    }

    /** The front that is cut off, on plan. */
    public function diagonal(): Segment
    {
        $at = static fn(RunLeg $leg, float $place): Point => $leg->along->times($place)->plus($leg->facing->times($leg->fronts));

        return new Segment($at($this->left, $this->end()), $at($this->right, $this->start()));
    }

    /** How much farther the worktop is cut off than the unit under it, along either leg, mm. */
    public function over(): float
    {
        return max(0.0, ($this->worktop ?? 0.0) - ($this->reach ?? 0.0));
    }

    /** Does it stand here, cut off? */
    public function holds(PlacedFixture $one): bool
    {
        return $this->reach !== null && $one->fixture->kind !== FixtureKind::Counter
            && ($this->left->isCutOff($one, true) || $this->right->isCutOff($one, false));
    }
}
