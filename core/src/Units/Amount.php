<?php

declare(strict_types=1);

namespace Heurema\Units;

/** A number of one quantity, held in the quantity's own unit: millimetres, square metres, degrees, a plain ratio or a count. */
final readonly class Amount
{
    public const MM_PER_INCH = 25.4;
    public const MM_PER_FOOT = 304.8;
    public const M2_PER_SQUARE_FOOT = 0.09290304;

    public function __construct(public Quantity $quantity, public float $number) {}

    public static function length(float $mm): self
    {
        return new self(Quantity::Length, $mm);
    }

    /** @param float $m2 square metres */
    public static function area(float $m2): self
    {
        return new self(Quantity::Area, $m2);
    }

    /** @param float $mm2 square millimetres, the unit of drawn outlines */
    public static function drawnArea(float $mm2): self
    {
        return new self(Quantity::Area, $mm2 / 1_000_000);
    }

    public static function angle(float $degrees): self
    {
        return new self(Quantity::Angle, $degrees);
    }

    public static function ratio(float $ratio): self
    {
        return new self(Quantity::Ratio, $ratio);
    }

    public static function count(int $count): self
    {
        return new self(Quantity::Count, (float) $count);
    }

    /** Above the other, or equal within the quantity's tolerance. */
    public function isAtLeast(self $other): bool
    {
        return $this->exceeds($other) || $this->equals($other);
    }

    /** Below the other, or equal within the quantity's tolerance. */
    public function isAtMost(self $other): bool
    {
        return $other->isAtLeast($this);
    }

    public function equals(self $other): bool
    {
        return abs($this->minus($other)) < $this->quantity->equalWithin();
    }

    /**
     * How far this stands above the other, in the quantity's unit.
     *
     * @throws \LogicException when the quantities differ
     */
    public function minus(self $other): float
    {
        if ($this->quantity !== $other->quantity) {
            throw new \LogicException("A {$this->quantity->word()} cannot be held against a {$other->quantity->word()}.");
        }

        return $this->number - $other->number;
    }

    private function exceeds(self $other): bool
    {
        return $this->minus($other) > 0;
    }
}
