<?php

declare(strict_types=1);

namespace Heurema\Drafting;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;

/** Stretches that meet end to end, as lines of points: each as long as it can be, straight on where it goes straight on. */
final class Polylines
{
    /** Of an angle so small that a line goes straight on, its sine. */
    private const STRAIGHT = 1e-4;

    /**
     * @param list<Segment> $segments
     *
     * @return list<non-empty-list<Point>>
     */
    public static function of(array $segments): array
    {
        $lines = [];
        while (($segment = array_shift($segments)) !== null) {
            $line = [$segment->from, $segment->to];
            do {
                $count = count($segments);
                foreach ($segments as $number => $next) {
                    $longer = self::joined($line, $next);
                    if ($longer !== null) {
                        $line = $longer;
                        unset($segments[$number]);
                    }
                }
                $segments = array_values($segments);
            } while (count($segments) < $count);
            $lines[] = self::straightened($line);
        }

        return $lines;
    }

    /**
     * @param non-empty-list<Point> $line
     *
     * @return non-empty-list<Point>|null null where they do not meet
     */
    private static function joined(array $line, Segment $next): ?array
    {
        [$first, $last] = [$line[0], $line[count($line) - 1]];

        return match (true) {
            self::meet($last, $next->from) => [...$line, $next->to],
            self::meet($last, $next->to) => [...$line, $next->from],
            self::meet($first, $next->to) => [$next->from, ...$line],
            self::meet($first, $next->from) => [$next->to, ...$line],
            default => null,
        };
    }

    private static function meet(Point $one, Point $other): bool
    {
        return $one->distanceTo($other) <= Tolerance::TOUCH;
    }

    /**
     * @param non-empty-list<Point> $line
     *
     * @return non-empty-list<Point>
     */
    private static function straightened(array $line): array
    {
        $kept = [$line[0]];
        for ($i = 1, $last = count($line) - 1; $i < $last; ++$i) {
            $before = $line[$i]->minus($kept[count($kept) - 1]);
            $after = $line[$i + 1]->minus($line[$i]);
            $goesOn = $before->dot($after) > 0.0 && abs($before->cross($after)) <= self::STRAIGHT * $before->length() * $after->length();
            if (!$goesOn) {
                $kept[] = $line[$i];
            }
        }
        $kept[] = $line[count($line) - 1];

        return $kept;
    }
}
