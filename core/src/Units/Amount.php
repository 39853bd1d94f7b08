<?php

declare(strict_types=1);

namespace Heurema\Units;

/**
 * A number of one quantity, held in the quantity's own unit: millimetres, square metres, degrees, litres a second, a plain ratio
 * or a count.
 */
final readonly class Amount
{
    public const MM_PER_INCH = 25.4;
    public const MM_PER_FOOT = 304.8;
    public const M2_PER_SQUARE_FOOT = 0.09290304;
    public const LITRES_PER_CUBIC_FOOT = 28.316846592;

    private const MM2_PER_M2 = 1_000_000;

    private function __construct(public Quantity $quantity, public float $number) {}

    /** @throws \DomainException when it is not a number */
    public static function of(Quantity $quantity, float $number): self
    {
        return is_nan($number) ? throw new \DomainException("A {$quantity->word()} is a number.") : new self($quantity, $number);
    }

    public static function length(float $mm): self
    {
        return self::of(Quantity::Length, $mm);
    }

    /** @param float $m2 square metres */
    public static function area(float $m2): self
    {
        return self::of(Quantity::Area, $m2);
    }

    /** @param float $mm2 square millimetres, the unit of drawn outlines */
    public static function drawnArea(float $mm2): self
    {
        return self::of(Quantity::Area, $mm2 / self::MM2_PER_M2);
    }

    public static function angle(float $degrees): self
    {
        return self::of(Quantity::Angle, $degrees);
    }

    public static function ratio(float $ratio): self
    {
        return self::of(Quantity::Ratio, $ratio);
    }

    public static function airFlow(float $litresPerSecond): self
    {
        return self::of(Quantity::AirFlow, $litresPerSecond);
    }

    /** @param float $cfm cubic feet a minute */
    public static function airFlowInFeet(float $cfm): self
    {
        return self::airFlow($cfm * self::LITRES_PER_CUBIC_FOOT / 60);
    }

    public static function count(int $count): self
    {
        return self::of(Quantity::Count, (float) $count);
    }

    /** @throws \LogicException when the quantities differ */
    public function plus(self $other): self
    {
        return self::of($this->matching($other), $this->number + $other->number);
    }

    /** @throws \LogicException when the quantities differ */
    public function less(self $other): self
    {
        return self::of($this->matching($other), $this->number - $other->number);
    }

    /** @throws \LogicException when the two cannot be multiplied */
    public function times(self $other): self
    {
        $quantity = $this->quantity->times($other->quantity)
            ?? throw new \LogicException("A {$this->quantity->word()} cannot be multiplied with a {$other->quantity->word()}.");
        $number = $this->number * $other->number;

        return $quantity === Quantity::Area && !$this->quantity->isPlain() && !$other->quantity->isPlain()
            ? self::drawnArea($number)
            : self::of($quantity, $number);
    }

    /** @throws \LogicException when this cannot be divided by the other */
    public function dividedBy(self $other): self
    {
        $quantity = $this->quantity->dividedBy($other->quantity)
            ?? throw new \LogicException("A {$this->quantity->word()} cannot be divided by a {$other->quantity->word()}.");
        $number = $this->number / $other->number;

        return $quantity === Quantity::Length && $this->quantity === Quantity::Area
            ? self::length($number * self::MM2_PER_M2)
            : self::of($quantity, $number);
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
        $this->matching($other);

        return $this->number - $other->number;
    }

    /** @throws \LogicException when the quantities differ */
    private function matching(self $other): Quantity
    {
        return $this->quantity === $other->quantity
            ? $this->quantity
            : throw new \LogicException("A {$this->quantity->word()} cannot be held against a {$other->quantity->word()}.");
    }

    private function exceeds(self $other): bool
    {
        return $this->minus($other) > 0;
    }
}
