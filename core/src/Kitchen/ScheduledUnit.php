<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\FixtureKind;
use Heurema\Layout\Words\HingeSide;
use Heurema\Spatial\PlacedFixture;

/** A unit with its number in the schedule of a kitchen. */
final readonly class ScheduledUnit
{
    private const WITH_LEAVES = [FixtureKind::BaseCabinet, FixtureKind::WallCabinet, FixtureKind::TallCabinet];

    /** A wider unit has two leaves, mm: 24 in (common practice, no source). */
    private const ONE_LEAF = 610.0;

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
        $width = $this->fixture->fixture->width;

        return match (true) {
            !in_array($this->fixture->fixture->kind, self::WITH_LEAVES, true) => 0,
            $width === null => null,
            $this->hinge() !== null => $this->hinge() === HingeSide::Both ? 2 : 1,
            default => $width > self::ONE_LEAF ? 2 : 1,
        };
    }
}
