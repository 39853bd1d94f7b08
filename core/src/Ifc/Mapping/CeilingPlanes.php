<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Geometry\Segment;
use Heurema\Ifc\Shape\Plane;
use Heurema\Layout\OtherSlope;
use Heurema\Layout\SlopedCeiling;

/** The ceiling that planes over a floor make: one slope, or two that meet in a ridge. In mm. */
final class CeilingPlanes
{
    /** Lengths that agree. */
    private const SAME = 1.0;

    /** Two slopes whose ways up differ by more, by the sine of the angle, do not meet in a level ridge. */
    private const ACROSS = 0.01;

    /**
     * @param list<Plane> $planes
     * @param float       $floor  height of the floor
     * @param float       $cap    what no ceiling is higher than
     *
     * @return SlopedCeiling|null null where they make another shape
     */
    public static function over(Ring $outline, array $planes, float $floor, float $cap): ?SlopedCeiling
    {
        $sloped = array_values(array_filter($planes, static fn(Plane $plane): bool => $plane->gradient()->length() > 0.001));
        if ($sloped === [] || count($sloped) > 2) {
            return null;
        }
        $way = $sloped[0]->gradient()->unit();
        if (isset($sloped[1]) && !self::isAgainst($way, $sloped[1])) {
            return null;
        }
        $middle = $outline->middle();
        $along = array_map(static fn(Point $corner): float => $way->dot($corner->minus($middle)), $outline->points);
        $line = new Segment($middle->plus($way->times(min($along))), $middle->plus($way->times(max($along))));
        $height = static fn(Plane $plane, Point $at): float => round($plane->heightAt($at) - $floor, 4);
        if (!isset($sloped[1])) {
            return $height($sloped[0], $line->to) > $cap - $floor + self::SAME || $height($sloped[0], $line->from) < 0.0
                ? null
                : new SlopedCeiling(
                    $height($sloped[0], $line->from),
                    $height($sloped[0], $line->to),
                    self::rounded($line->from),
                    self::rounded($line->to),
                );
        }
        $ridge = self::ridge($line, $sloped[0], $sloped[1]);
        $lows = [$height($sloped[0], $line->from), $height($sloped[1], $line->to)];

        return $ridge === null || min($lows) < 0.0 || $height($sloped[0], $ridge) > $cap - $floor + self::SAME
            ? null
            : new SlopedCeiling(
                $lows[0],
                $height($sloped[0], $ridge),
                self::rounded($line->from),
                self::rounded($ridge),
                new OtherSlope($lows[1], self::rounded($line->to)),
            );
    }

    /** Does a plane rise straight against a way? */
    private static function isAgainst(Point $way, Plane $plane): bool
    {
        return abs($way->cross($plane->gradient()->unit())) <= self::ACROSS && $way->dot($plane->gradient()) < 0.0;
    }

    /** Where two slopes are as high, between the ends of a line. */
    private static function ridge(Segment $line, Plane $one, Plane $other): ?Point
    {
        $lead = static fn(Point $at): float => $one->heightAt($at) - $other->heightAt($at);
        [$from, $to] = [$lead($line->from), $lead($line->to)];

        return $from * $to >= 0.0 ? null : $line->at($line->length() * $from / ($from - $to));
    }

    private static function rounded(Point $point): Point
    {
        return new Point(round($point->x, 4) + 0.0, round($point->y, 4) + 0.0);
    }
}
