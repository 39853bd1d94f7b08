<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Layout\Wall;

/** The direction in which most of the length of some walls runs, or square to it. */
final class MainDirection
{
    /** Walls run in one direction when their directions differ by less, degrees. */
    private const SAME = 0.5;

    /**
     * @param list<Wall> $walls
     *
     * @return float how far it is turned from the sheet, degrees from -45 to 45
     */
    public static function turn(array $walls): float
    {
        $turns = [];
        foreach (array_filter($walls, static fn(Wall $wall): bool => !$wall->isOpenBoundary()) as $wall) {
            $turn = fmod($wall->line()->direction()->degrees() + 765.0, 90.0) - 45.0;
            // most walls run in few directions
            $key = sprintf('%.4f', $turn);
            $turns[$key] = [$turns[$key][0] ?? $turn, ($turns[$key][1] ?? 0.0) + $wall->line()->length()];
        }
        [$best, $most] = [0.0, 0.0];
        foreach ($turns as [$turn]) {
            $along = 0.0;
            foreach ($turns as [$other, $length]) {
                $along += abs(fmod($other - $turn + 135.0, 90.0) - 45.0) < self::SAME ? $length : 0.0;
            }
            if ($along > $most + 1.0) {
                [$best, $most] = [$turn, $along];
            }
        }

        return abs($best) < 1e-9 ? 0.0 : $best;
    }
}
