<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\FixtureKind;

/** Something that a kitchen is to hold: of a kind, and as wide as the place that it takes in the row, in mm. */
final readonly class Wanted
{
    public const KINDS = [
        FixtureKind::Sink, FixtureKind::Dishwasher, FixtureKind::Cooktop, FixtureKind::Range, FixtureKind::Refrigerator, FixtureKind::Oven,
        FixtureKind::TallCabinet, FixtureKind::BaseCabinet,
    ];

    public function __construct(public FixtureKind $kind, public float $width, public Anchor $anchor = Anchor::Anywhere) {}
}
