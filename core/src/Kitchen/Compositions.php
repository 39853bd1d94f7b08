<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** All ways to share a number of equal items among places in a row (compositions with zeros). */
final class Compositions
{
    /** @return \Generator<int, non-empty-list<int>> the last places first */
    public static function of(int $items, int $places): \Generator
    {
        if ($places <= 1) {
            yield [$items];

            return;
        }
        for ($first = 0; $first <= $items; ++$first) {
            foreach (self::of($items - $first, $places - 1) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }
}
