<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\HingeSide;
use Heurema\Spatial\PlacedFixture;

/** A unit with its number in the schedule of a kitchen. */
final readonly class ScheduledUnit
{
    public function __construct(public int $number, public PlacedFixture $fixture) {}

    /** On plans and elevations. */
    public function mark(): string
    {
        return "K{$this->number}";
    }

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
