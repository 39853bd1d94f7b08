<?php

declare(strict_types=1);

namespace Heurema\Kitchen;

/** All ways to share a number of equal things among places in a row (compositions with zeros). */
final class Shares
{
    /** @return \Generator<int, non-empty-list<int>> the last places first */
    public static function of(int $things, int $places): \Generator
    {
        if ($places <= 1) {
            yield [$things];

            return;
        }
        for ($first = 0; $first <= $things; ++$first) {
            foreach (self::of($things - $first, $places - 1) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }
}
