<?php

declare(strict_types=1);

namespace Heurema\Drafting;

/** From which place of something a distance is taken: its edge that is nearer to the other, its centre, or its far edge. */
enum MeasuredFrom: string
{
    case Near = 'near';
    case Centre = 'centre';
    case Far = 'far';

    /**
     * @param array{float, float} $extent low and high along a line
     * @param bool                $ahead  does the other lie before its low end?
     */
    public function of(array $extent, bool $ahead): float
    {
        [$low, $high] = $extent;

        return match ($this) {
            self::Centre => ($low + $high) / 2,
            self::Near => $ahead ? $low : $high,
            self::Far => $ahead ? $high : $low,
        };
    }
}
