<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Units\Amount;
use Heurema\Units\UnitSystem;

/** Sizes that all units of a kitchen share, in mm; those to begin from are common practice, no source. */
final readonly class UnitSizes
{
    /**
     * @param float $depth       of base and tall units
     * @param float $height      of base units
     * @param float $thickness   of the worktop
     * @param float $overhang    of the worktop over fronts
     * @param float $wallDepth   of wall units
     * @param float $underside   of wall units above the floor
     * @param float $top         of wall and tall units above the floor
     * @param float $refrigerator how high one is
     * @param float $air          over it, and the height of a hood and how far it hangs over what is cooked on
     * @param float $cornerFiller beside a unit that another leg hides, for handles
     * @param float $corner       of a diagonal unit in a corner, along both walls
     */
    public function __construct(
        public float $depth,
        public float $height,
        public float $thickness,
        public float $overhang,
        public float $wallDepth,
        public float $underside,
        public float $top,
        public float $refrigerator,
        public float $air,
        public float $hoodHeight,
        public float $overCooking,
        public float $cornerFiller,
        public float $corner,
    ) {}

    public static function usual(UnitSystem $units): self
    {
        $inch = Amount::MM_PER_INCH;

        return $units === UnitSystem::Imperial
            ? new self(
                depth: 24 * $inch,
                height: 34.5 * $inch,
                thickness: 1.5 * $inch,
                overhang: $inch,
                wallDepth: 12 * $inch,
                underside: 54 * $inch,
                top: 84 * $inch,
                refrigerator: 70 * $inch,
                air: 2 * $inch,
                hoodHeight: 8 * $inch,
                overCooking: 30 * $inch,
                cornerFiller: 3 * $inch,
                corner: 36 * $inch,
            )
            : new self(
                depth: 600.0,
                height: 870.0,
                thickness: 40.0,
                overhang: 25.0,
                wallDepth: 350.0,
                underside: 1400.0,
                top: 2120.0,
                refrigerator: 1850.0,
                air: 50.0,
                hoodHeight: 200.0,
                overCooking: 765.0,
                cornerFiller: 75.0,
                corner: 900.0,
            );
    }

    public static function usualWidths(UnitSystem $units): UnitWidths
    {
        $inch = Amount::MM_PER_INCH;

        return $units === UnitSystem::Imperial ? new UnitWidths(9 * $inch, 48 * $inch, 3 * $inch) : new UnitWidths(150.0, 1200.0, 50.0);
    }

    /** The front of a diagonal unit in a corner, mm. */
    public function diagonal(): float
    {
        return M_SQRT2 * ($this->corner - $this->depth);
    }

    public function worktop(): float
    {
        return $this->height + $this->thickness;
    }

    /** With worktops that reach so far over the fronts, mm. */
    public function reaching(float $over): self
    {
        return new self(
            depth: $this->depth,
            height: $this->height,
            thickness: $this->thickness,
            overhang: $over,
            wallDepth: $this->wallDepth,
            underside: $this->underside,
            top: $this->top,
            refrigerator: $this->refrigerator,
            air: $this->air,
            hoodHeight: $this->hoodHeight,
            overCooking: $this->overCooking,
            cornerFiller: $this->cornerFiller,
            corner: $this->corner,
        );
    }
}
