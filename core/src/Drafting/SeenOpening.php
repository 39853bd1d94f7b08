<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Spatial\PlacedOpening;

/** An opening that faces whoever looks, or that is cut: in mm across the view and above the zero of heights. */
final readonly class SeenOpening
{
    public function __construct(
        public PlacedOpening $opening,
        public float $left,
        public float $right,
        public float $sill,
        public float $head,
    ) {}
}
