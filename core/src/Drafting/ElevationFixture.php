<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Spatial\PlacedFixture;

/** Something as it is seen before a wall: in mm along the wall from its left end, and above the floor. */
final readonly class ElevationFixture
{
    /**
     * @param non-empty-list<array{float, float, float, float}> $bodies left, right, bottom, top of each body that it is made of
     * @param bool                                             $isAtWall it stands or hangs at the wall; else before it
     */
    public function __construct(public PlacedFixture $fixture, public array $bodies, public bool $isAtWall) {}

    public function left(): float
    {
        return min(array_column($this->bodies, 0));
    }

    public function right(): float
    {
        return max(array_column($this->bodies, 1));
    }

    public function bottom(): float
    {
        return min(array_column($this->bodies, 2));
    }

    public function top(): float
    {
        return max(array_column($this->bodies, 3));
    }
}
