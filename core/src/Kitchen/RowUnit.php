<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\FixtureKind;

/** A unit in a row: from its left to its right as one looks at it, in mm from the left end of the stretch. */
final readonly class RowUnit
{
    /** What a worktop goes on over. */
    private const UNDER_WORKTOP = [FixtureKind::BaseCabinet, FixtureKind::Filler, FixtureKind::Dishwasher];

    /**
     * @param FixtureKind|null $setIn    what is set in it or in the worktop over it
     * @param float|null       $diagonal its front, where it stands in a corner and is cut off there
     */
    public function __construct(
        public FixtureKind $kind,
        public float $left,
        public float $width,
        public ?FixtureKind $setIn = null,
        public ?float $diagonal = null,
    ) {}

    public function right(): float
    {
        return $this->left + $this->width;
    }

    public function isUnderWorktop(): bool
    {
        return in_array($this->kind, self::UNDER_WORKTOP, true);
    }

    /** Is it worktop that something can be put down on? */
    public function isLanding(): bool
    {
        return $this->isUnderWorktop() && $this->setIn === null;
    }

    /** What it is for: that which is set in it, or itself. */
    public function use(): FixtureKind
    {
        return $this->setIn ?? $this->kind;
    }
}
