<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Rulebook\Figure;
use Heurema\Units\Notation;
use Heurema\Units\Quantity;

/** From a figure to another; one of them may be left open. Figures as rule books write them: `10 m2`, `8 ft`, `3`. */
final readonly class Range
{
    /** At least one of the two is given; both are of one quantity. */
    public function __construct(public ?string $low, public ?string $high, public Quantity $quantity) {}

    /** What is typed without a word of its own, such as `12 m2`: no less than that. */
    public function fromLow(): self
    {
        return $this->low === $this->high ? new self($this->low, null, $this->quantity) : $this;
    }

    /** A plain number taken in the unit of another range: `3` by `4 m`. */
    public function inUnitOf(self $other): self
    {
        if ($this->quantity !== Quantity::Count || preg_match('/[a-z%].*$/', $other->low ?? $other->high ?? '', $unit) !== 1) {
            return $this;
        }
        $with = static fn(?string $figure): ?string => $figure === null ? null : "{$figure} {$unit[0]}";

        return new self($with($this->low), $with($this->high), $other->quantity);
    }

    /** @return array<string, mixed> the limit of a rule */
    public function limit(): array
    {
        return match (true) {
            $this->high === null => ['at_least' => $this->low],
            $this->low === null => ['at_most' => $this->high],
            default => ['between' => ['low' => $this->low, 'high' => $this->high]],
        };
    }

    public function isReversed(): bool
    {
        return $this->low !== null && $this->high !== null && self::number($this->low) > self::number($this->high);
    }

    /** The least, or where that is left open the most, in the quantity's own unit. */
    public function start(): float
    {
        return self::number($this->low ?? $this->high ?? '');
    }

    public function says(Notation $notation): string
    {
        $write = static fn(string $figure): string => ($read = Figure::read($figure)) === null ? $figure : $notation->write($read->amount);

        return match (true) {
            $this->high === null => Text::of('at least {low}', low: $write((string) $this->low)),
            $this->low === null => Text::of('at most {high}', high: $write($this->high)),
            $this->low === $this->high => $write($this->low),
            default => Text::of('{low} to {high}', low: $write($this->low), high: $write($this->high)),
        };
    }

    private static function number(string $figure): float
    {
        return Figure::read($figure)->amount->number ?? 0.0;
    }
}
