<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Layout\Words\FixtureKind;

/** Units side by side along a stretch, from left to right. */
final readonly class Row
{
    /** A strip of worktop is no narrower by itself, mm. */
    private const STRIP = 150.0;

    private const NOT_BEFORE_WINDOWS = [
        FixtureKind::Refrigerator, FixtureKind::TallCabinet, FixtureKind::Oven, FixtureKind::Cooktop, FixtureKind::Range,
    ];

    /**
     * @param list<RowUnit> $units
     * @param float         $left  what stays open at an end that no wall closes, mm
     * @param float         $from  where its fronts begin: behind a corner nothing shows
     * @param float         $to    where they end
     */
    public function __construct(public Stretch $stretch, public array $units, public float $left, public float $from, public float $to) {}

    /** How many units, without fillers. */
    public function count(): int
    {
        return count($this->cabinets());
    }

    /** @return list<RowUnit> */
    public function cabinets(): array
    {
        return array_values(array_filter($this->units, static fn(RowUnit $one): bool => $one->kind !== FixtureKind::Filler));
    }

    /** Does a worktop go on over a unit? Over a narrow filler between two fixtures that have none it does not. */
    public function carriesWorktop(int $number): bool
    {
        $unit = $this->units[$number];
        $isBesideOne = array_filter(
            [$this->units[$number - 1] ?? null, $this->units[$number + 1] ?? null],
            static fn(?RowUnit $one): bool => $one?->isUnderWorktop() === true,
        ) !== [];
        $isAtCorner = ($number === 0 && $this->from > 0.0)
            || ($number === count($this->units) - 1 && $this->to < $this->stretch->length());

        return $unit->isUnderWorktop()
            && ($unit->kind !== FixtureKind::Filler || $unit->width >= self::STRIP || $isBesideOne || $isAtCorner);
    }

    /** How much window tall units and what is cooked on stand before, mm. */
    public function beforeWindows(): float
    {
        return array_sum(array_map(
            fn(RowUnit $one): float => in_array($one->use(), self::NOT_BEFORE_WINDOWS, true)
                ? $this->stretch->windowed($one->left, $one->right())
                : 0.0,
            $this->units,
        ));
    }

    /** The width of all its fillers, mm. */
    public function filled(): float
    {
        return array_sum(array_map(
            static fn(RowUnit $one): float => $one->kind === FixtureKind::Filler ? $one->width : 0.0,
            $this->units,
        ));
    }

    /** By how much the widest of the units that only fill it is wider than the narrowest, mm. */
    public function spread(): float
    {
        $widths = array_map(
            static fn(RowUnit $one): float => $one->width,
            array_filter(
                $this->units,
                static fn(RowUnit $one): bool => $one->kind === FixtureKind::BaseCabinet && $one->setIn === null && $one->diagonal === null,
            ),
        );

        return $widths === [] ? 0.0 : max($widths) - min($widths);
    }
}
