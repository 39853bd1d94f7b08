<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Layout\Flight;
use Heurema\Layout\Landing;
use Heurema\Layout\Stair;
use Heurema\Layout\Winders;

/** A stair's parts with another number of risers and another tread: landings and winders stay, the flights share what is left. */
final class StairParts
{
    /**
     * @param int   $risers of the whole stair
     * @param float $tread  of its flights, mm
     *
     * @return list<Flight|Landing|Winders>|null null when there are too few risers for its flights
     */
    public static function of(Stair $stair, int $risers, float $tread): ?array
    {
        $flights = array_filter($stair->parts, static fn(Flight|Landing|Winders $part): bool => $part instanceof Flight);
        $before = array_sum(array_map(static fn(Flight $flight): int => $flight->risers, $flights));
        $left = $risers - ($stair->risers() - $before);
        if ($flights === [] || $left < count($flights)) {
            return null;
        }
        $shares = self::shares(array_map(static fn(Flight $flight): float => $left * $flight->risers / $before, $flights), $left);

        return array_map(
            static fn(Flight|Landing|Winders $part, int $number): Flight|Landing|Winders => $part instanceof Flight
                ? new Flight($shares[$number], $tread)
                : $part,
            $stair->parts,
            array_keys($stair->parts),
        );
    }

    /**
     * Whole numbers, at least one each, that come to a sum.
     *
     * @param array<int, float> $wanted
     *
     * @return array<int, int>
     */
    private static function shares(array $wanted, int $sum): array
    {
        $shares = array_map(static fn(float $share): int => max(1, (int) floor($share)), $wanted);
        while (array_sum($shares) !== $sum) {
            $step = array_sum($shares) < $sum ? 1 : -1;
            $lack = array_map(static fn(float $share, int $given): float => $step * ($share - $given), $wanted, $shares);
            $keys = array_keys($wanted);
            arsort($lack);
            foreach (array_keys($lack) as $place) {
                if ($shares[$keys[$place]] + $step >= 1) {
                    $shares[$keys[$place]] += $step;

                    break;
                }
            }
        }

        return $shares;
    }
}
