<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Spatial\PlacedOpening;

/** An opening as it is seen in a wall: in mm along the wall from its left end, and above the floor. */
final readonly class ElevationOpening
{
    /** @param float|null $head null: nobody said how high it is */
    public function __construct(
        public PlacedOpening $opening,
        public float $left,
        public float $right,
        public float $sill,
        public ?float $head,
    ) {}

    /** Its places counted from elsewhere along the wall. */
    public function movedBy(float $along): self
    {
        return new self($this->opening, $this->left + $along, $this->right + $along, $this->sill, $this->head);
    }
}
