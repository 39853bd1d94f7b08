<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\HingeSide;
use Heurema\Spatial\PlacedFixture;

/** A unit of a kitchen with its mark on plans and elevations. */
final readonly class ScheduledUnit
{
    public function __construct(public string $mark, public PlacedFixture $fixture) {}

    /** At which side its door is hung, as one faces it; null: nobody said. */
    public function hinge(): ?HingeSide
    {
        return $this->fixture->fixture->hinge;
    }

    /** How many door leaves it has; null: its width is not known. */
    public function doors(): ?int
    {
        return $this->fixture->fixture->leaves();
    }
}
