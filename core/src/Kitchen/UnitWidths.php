<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

use Heurema\Language\Text;

/** The widths in which units are made: from a least to a greatest one in equal steps, in mm. */
final readonly class UnitWidths
{
    /** Lengths agree, mm. */
    private const SAME = 1e-6;

    public function __construct(public float $least, public float $greatest, public float $step)
    {
        if ($least <= 0.0 || $step <= 0.0 || $greatest < $least) {
            throw new \InvalidArgumentException(Text::of('Widths run in steps from a least to a greatest one.'));
        }
    }

    /** The greatest number of units that fit no worse than fewer do; fewer than one: none fits. */
    private function most(float $length): int
    {
        return (int) floor(($length + self::SAME) / $this->least);
    }

    /** What fills a length with the least left over, then with the fewest units, as even as they can be. */
    public function fill(float $length): UnitFilling
    {
        $best = new UnitFilling([], max(0.0, $length));
        for ($count = 1; $count <= $this->most($length); ++$count) {
            $fill = $this->inAs($count, $length);
            $best = $fill->left < $best->left - self::SAME ? $fill : $best;
            if ($best->left < self::SAME) {
                break;
            }
        }

        return $best;
    }

    /**
     * As many units as are said, as even as they can be: two widths at the most, one step apart. The least of them may be too wide: then
     * there are none.
     */
    public function inAs(int $count, float $length): UnitFilling
    {
        $beyondLeast = $length - $count * $this->least;
        if ($count < 1 || $beyondLeast < -self::SAME) {
            return new UnitFilling([], max(0.0, $length));
        }
        $steps = (int) min($count * $this->stepsBetween(), floor(($beyondLeast + self::SAME) / $this->step));
        [$each, $wider] = [intdiv($steps, $count), $steps % $count];
        $widths = array_map(
            fn(int $number): float => $this->least + ($each + ($number < $wider ? 1 : 0)) * $this->step,
            range(0, $count - 1),
        );

        return new UnitFilling($widths, max(0.0, $length - array_sum($widths)));
    }

    /** The narrowest that is as wide as something or wider; null: none is. */
    public function atLeast(float $width): ?float
    {
        $steps = max(0, (int) ceil(($width - $this->least - self::SAME) / $this->step));

        return $steps > $this->stepsBetween() ? null : $this->least + $steps * $this->step;
    }

    /** The widest that is no wider than something; null: none is. */
    public function atMost(float $width): ?float
    {
        return $width < $this->least - self::SAME
            ? null
            : $this->least + min($this->stepsBetween(), (int) floor(($width - $this->least + self::SAME) / $this->step)) * $this->step;
    }

    private function stepsBetween(): int
    {
        return (int) floor(($this->greatest - $this->least + self::SAME) / $this->step);
    }
}
