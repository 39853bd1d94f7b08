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
                24 * $inch,
                34.5 * $inch,
                1.5 * $inch,
                $inch,
                12 * $inch,
                54 * $inch,
                84 * $inch,
                70 * $inch,
                2 * $inch,
                8 * $inch,
                30 * $inch,
                3 * $inch,
                36 * $inch,
            )
            : new self(600.0, 870.0, 40.0, 25.0, 350.0, 1400.0, 2120.0, 1850.0, 50.0, 200.0, 765.0, 75.0, 900.0);
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
            $this->depth,
            $this->height,
            $this->thickness,
            $over,
            $this->wallDepth,
            $this->underside,
            $this->top,
            $this->refrigerator,
            $this->air,
            $this->hoodHeight,
            $this->overCooking,
            $this->cornerFiller,
            $this->corner,
        );
    }
}
