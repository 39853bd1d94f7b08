<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Faces that look at each other across open floor. */
final class FacingPairs
{
    /** Faces within one degree of parallel look at each other. */
    private const PARALLEL = 0.017452406437283512;

    /**
     * The shortest line between two faces that look at each other over a common stretch.
     *
     * @param list<Segment> $faces  the floor to the left of each
     * @param float         $common the least stretch over which they must look at each other, mm
     *
     * @return Segment|null from the one face to the other, in the middle of what they have in common
     */
    public static function closest(array $faces, float $common): ?Segment
    {
        $closest = null;
        foreach ($faces as $i => $first) {
            foreach (array_slice($faces, $i + 1) as $second) {
                if ($closest !== null && self::least($first, $second) >= $closest->length()) {
                    continue;
                }
                foreach (self::between($first, $second, $faces, $common) as $line) {
                    if ($closest === null || $line->length() < $closest->length()) {
                        $closest = $line;
                    }
                }
            }
        }

        return $closest;
    }

    /** No line between the two is shorter than this. */
    private static function least(Segment $first, Segment $second): float
    {
        return min(abs($first->leftOf($second->from)), abs($first->leftOf($second->to)));
    }

    /**
     * @param list<Segment> $faces
     *
     * @return list<Segment>
     */
    private static function between(Segment $first, Segment $second, array $faces, float $common): array
    {
        if (abs($first->direction()->cross($second->direction())) > self::PARALLEL || $first->direction()->dot($second->direction()) > 0) {
            return [];
        }
        $from = max(0.0, $first->along($second->to));
        $to = min($first->length(), $first->along($second->from));
        if ($first->leftOf($second->middle()) <= 0 || $to - $from < $common - Tolerance::TOUCH) {
            return [];
        }
        $lines = [];
        foreach (self::unobstructed($first, $second, $faces, $from, $to) as [$start, $end]) {
            if ($end - $start >= $common - Tolerance::TOUCH) {
                $lines[] = self::across($first, $second, $start, $end);
            }
        }

        return $lines;
    }

    /**
     * The parts of the common stretch over which no other face stands between.
     *
     * @param list<Segment> $faces
     *
     * @return list<array{float, float}>
     */
    private static function unobstructed(Segment $first, Segment $second, array $faces, float $from, float $to): array
    {
        $blocked = [];
        foreach ($faces as $face) {
            if ($face === $first || $face === $second) {
                continue;
            }
            $limit = $first->leftOf($second->middle());
            $depths = [$first->leftOf($face->from), $first->leftOf($face->to)];
            if (max($depths) > Tolerance::TOUCH && min($depths) < $limit - Tolerance::TOUCH) {
                $blocked[] = [
                    min($first->along($face->from), $first->along($face->to)),
                    max($first->along($face->from), $first->along($face->to)),
                ];
            }
        }
        sort($blocked);
        $free = [];
        foreach ($blocked as [$start, $end]) {
            if ($start > $from) {
                $free[] = [$from, min($start, $to)];
            }
            $from = max($from, $end);
        }
        $free[] = [$from, $to];

        return array_values(array_filter($free, static fn(array $stretch): bool => $stretch[1] > $stretch[0]));
    }

    /** Where the faces are not quite parallel, the nearer end of the stretch decides. */
    private static function across(Segment $first, Segment $second, float $start, float $end): Segment
    {
        $shortest = null;
        foreach ([($start + $end) / 2, $start, $end] as $along) {
            $foot = $first->at($along);
            $line = new Segment($foot, $second->closestTo($foot));
            if ($shortest === null || $line->length() < $shortest->length() - Tolerance::TOUCH) {
                $shortest = $line;
            }
        }

        return $shortest;
    }
}
