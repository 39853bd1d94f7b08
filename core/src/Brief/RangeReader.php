<?php

declare(strict_types=1);

namespace Heurema\Brief;

use Heurema\Language\Text;
use Heurema\Rulebook\Figure;
use Heurema\Units\Quantity;

/** Reads `10 to 14 m2`, `at least 3 m`, `3 m or more`, `up to 2`, `2`. */
final readonly class RangeReader
{
    /** What comes before the least, and before the most. */
    public const LOW = ['at least', 'no less than', 'not less than', 'no fewer than', 'not fewer than', 'minimum', 'min'];
    public const HIGH = ['at most', 'no more than', 'not more than', 'up to', 'maximum', 'max'];

    public function __construct(private Sentence $sentence) {}

    /**
     * Null when no figure comes next; the sentence stays where it was then.
     *
     * @throws UnreadableWish
     */
    public function read(): ?Range
    {
        $place = $this->sentence->place();
        $isLow = $this->sentence->takes(...self::LOW);
        $isHigh = !$isLow && $this->sentence->takes(...self::HIGH);
        $isFrom = !$isLow && !$isHigh && $this->sentence->takes('from', 'between');
        $first = $this->sentence->takeFigure() ?? (($isLow || $isHigh) && $this->sentence->takes('one') ? '1' : null);
        if ($first === null) {
            $this->sentence->goBackTo($place);

            return null;
        }
        $second = $isLow || $isHigh ? null : $this->second($isFrom);
        if ($second !== null) {
            return $this->between($first, $second);
        }
        $quantity = self::quantity($first);
        $isLow = $isLow || $isFrom || $this->sentence->takes(
            'or more',
            'or larger',
            'or wider',
            'or higher',
            'or longer',
            'and more',
            'at least',
            'minimum',
            'upwards',
            'and up',
        );
        $isHigh = $isHigh || (!$isLow && $this->sentence->takes('or less', 'or fewer', 'or smaller', 'at most', 'maximum'));

        return new Range($isHigh ? null : $first, $isLow ? null : $first, $quantity);
    }

    private function second(bool $isFrom): ?string
    {
        $place = $this->sentence->place();
        if ($this->sentence->takes('to') || ($isFrom && $this->sentence->takes('and'))) {
            $figure = $this->sentence->takeFigure();
            if ($figure !== null) {
                return $figure;
            }
        }
        $this->sentence->goBackTo($place);

        return null;
    }

    /** A figure without a unit has that of the other. */
    private function between(string $first, string $second): Range
    {
        $high = new Range(null, $second, self::quantity($second));
        $low = (new Range($first, null, self::quantity($first)))->inUnitOf($high);
        if ($low->quantity !== $high->quantity) {
            throw new UnreadableWish(Text::of('“{first}” and “{second}” are not of one kind.', first: $first, second: $second));
        }
        $range = new Range($low->low, $second, $high->quantity);

        return $range->isReversed() ? throw new UnreadableWish(
            Text::of('“{low} to {high}” ends before it begins.', low: (string) $low->low, high: $second),
        ) : $range;
    }

    private static function quantity(string $figure): Quantity
    {
        return Figure::read($figure)->amount->quantity ?? throw new UnreadableWish(Text::of('“{figure}” is no figure.', figure: $figure));
    }
}
