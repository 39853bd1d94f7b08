<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\FixtureKind;

/** Something that a kitchen is to hold: of a kind, and so wide, in mm; a sink and a cooktop as wide as the unit that they are set in. */
final readonly class WantedFixture
{
    public const KINDS = [
        FixtureKind::Sink, FixtureKind::Dishwasher, FixtureKind::Cooktop, FixtureKind::Range, FixtureKind::Refrigerator, FixtureKind::Oven,
        FixtureKind::TallCabinet, FixtureKind::BaseCabinet,
    ];

    /** @param float $beside a filler at either side of it */
    public function __construct(
        public FixtureKind $kind,
        public float $width,
        public Anchor $anchor = Anchor::Anywhere,
        public float $beside = 0.0,
    ) {}

    /** What it takes of the row, its fillers included. */
    public function room(): float
    {
        return $this->width + 2 * $this->beside;
    }

    /** @return list<RowUnit> from its left end */
    public function units(float $left): array
    {
        [$at, $right] = [$left + $this->beside, $left + $this->beside + $this->width];
        $unit = match ($this->kind) {
            FixtureKind::Sink, FixtureKind::Cooktop => new RowUnit(FixtureKind::BaseCabinet, $at, $this->width, $this->kind),
            FixtureKind::Oven => new RowUnit(FixtureKind::TallCabinet, $at, $this->width, $this->kind),
            default => new RowUnit($this->kind, $at, $this->width),
        };

        return $this->beside <= 0.0 ? [$unit] : [
            new RowUnit(FixtureKind::Filler, $left, $this->beside),
            $unit,
            new RowUnit(FixtureKind::Filler, $right, $this->beside),
        ];
    }
}
