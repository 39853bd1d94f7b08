<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/**
 * A circle inside edges, its centre moved to where it can grow no more.
 *
 * The distance to an edge is convex, so that nowhere it is less than its tangent plane says. The centre that is farthest from all
 * the tangent planes at the present one, within a reach, is therefore never worse; going on from there ends at a greatest circle
 * (sequential linear programming). The reach is doubled as long as the way leads to its border.
 */
final class GrownCircle
{
    private const STEPS = 40;

    private const FIRST_REACH = 4.0;

    /** Planes taken in at the most; each lowers what can be reached. */
    private const CUTS = 100;

    /** Heights nearer to one another, mm, are the same. */
    private const SAME_HEIGHT = 1e-9;

    /** Less growth than this, mm, is none. */
    private const LEAST_GROWTH = 1e-4;

    /**
     * @param list<array{float, float, float, float}> $edges start and vector of each
     *
     * @return array{float, float, float} the centre and the radius
     */
    public static function from(array $edges, float $x, float $y, float $radius): array
    {
        $reach = self::FIRST_REACH;
        for ($step = 0; $step < self::STEPS; ++$step) {
            $planes = self::planes($edges, $x, $y, $radius + 2 * M_SQRT2 * $reach);
            [$dx, $dy] = self::farthest($planes, $reach);
            $there = self::nearest($edges, $x + $dx, $y + $dy);
            if ($there > $radius) {
                [$grown, $radius, $x, $y] = [$there - $radius, $there, $x + $dx, $y + $dy];
            } else {
                $grown = 0.0;
            }
            $isAtBorder = max(abs($dx), abs($dy)) > 0.99 * $reach;
            if ($grown < self::LEAST_GROWTH && (!$isAtBorder || $there <= $radius - self::LEAST_GROWTH)) {
                if ($reach <= self::LEAST_GROWTH) {
                    break;
                }
                $reach /= 8;
            } elseif ($isAtBorder) {
                $reach *= 2;
            }
        }

        return [$x, $y, $radius];
    }

    /**
     * The tangent planes of the distances to the edges near a point: the direction away from each and the distance.
     *
     * @param list<array{float, float, float, float}> $edges
     *
     * @return list<array{float, float, float}>
     */
    private static function planes(array $edges, float $x, float $y, float $within): array
    {
        $planes = [];
        foreach ($edges as [$fromX, $fromY, $dx, $dy]) {
            [$px, $py] = [$x - $fromX, $y - $fromY];
            $square = $dx * $dx + $dy * $dy;
            $share = $square > 0.0 ? max(0.0, min(1.0, ($px * $dx + $py * $dy) / $square)) : 0.0;
            [$awayX, $awayY] = [$px - $share * $dx, $py - $share * $dy];
            $distance = sqrt($awayX * $awayX + $awayY * $awayY);
            if ($distance <= $within && $distance > 0.0) {
                $planes[] = [$awayX / $distance, $awayY / $distance, $distance];
            }
        }

        return $planes;
    }

    /**
     * How to move, by no more than a reach along either axis, to come farthest from the nearest plane. Few planes decide: one that is
     * nearer than those looked at so far is taken in, and those that do not hold the place are left out, until none is nearer
     * (cutting planes, Kelley 1960).
     *
     * @param list<array{float, float, float}> $planes
     *
     * @return array{float, float}
     */
    private static function farthest(array $planes, float $reach): array
    {
        $held = [];
        [$dx, $dy, $height] = [0.0, 0.0, INF];
        for ($cut = 0; $cut < self::CUTS; ++$cut) {
            $nearest = self::nearestPlane($planes, $dx, $dy);
            if ($nearest === null || self::above($nearest, $dx, $dy) >= $height - self::SAME_HEIGHT) {
                return [$dx, $dy];
            }
            $held[] = $nearest;
            $before = $height;
            [$dx, $dy, $height] = self::farthestOf($held, $reach);
            // as long as nothing is lost by it, those taken in before are needed to get on
            if ($height < $before - self::SAME_HEIGHT) {
                $held = array_values(array_filter(
                    $held,
                    static fn(array $plane): bool => self::above($plane, $dx, $dy) <= $height + self::SAME_HEIGHT,
                ));
            }
        }

        return [0.0, 0.0];
    }

    /**
     * The same of few planes: in one direction after the other, from where two of them are as near. And how far that is.
     *
     * @param list<array{float, float, float}> $planes
     *
     * @return array{float, float, float}
     */
    private static function farthestOf(array $planes, float $reach): array
    {
        $best = [0.0, 0.0, self::height($planes, 0.0, 0.0, -INF)];
        foreach (self::corners($planes, $reach) as [$dx, $dy]) {
            if (max(abs($dx), abs($dy)) <= $reach * (1 + 1e-9)) {
                $height = self::height($planes, $dx, $dy, $best[2]);
                $best = $height > $best[2] + 1e-12 ? [$dx, $dy, $height] : $best;
            }
        }

        return $best;
    }

    /**
     * @param list<array{float, float, float}> $planes
     *
     * @return array{float, float, float}|null
     */
    private static function nearestPlane(array $planes, float $dx, float $dy): ?array
    {
        [$nearest, $least] = [null, INF];
        foreach ($planes as $plane) {
            $height = $plane[2] + $plane[0] * $dx + $plane[1] * $dy;
            if ($height < $least) {
                [$nearest, $least] = [$plane, $height];
            }
        }

        return $nearest;
    }

    /** @param array{float, float, float} $plane */
    private static function above(array $plane, float $dx, float $dy): float
    {
        return $plane[2] + $plane[0] * $dx + $plane[1] * $dy;
    }

    /**
     * Where three planes are as near, or two on the border of the reach, or one in its corner.
     *
     * @param list<array{float, float, float}> $planes
     *
     * @return iterable<array{float, float}>
     */
    private static function corners(array $planes, float $reach): iterable
    {
        yield from [[$reach, $reach], [-$reach, $reach], [$reach, -$reach], [-$reach, -$reach]];
        $count = count($planes);
        for ($i = 0; $i < $count; ++$i) {
            for ($j = $i + 1; $j < $count; ++$j) {
                // as near: (a - b) . d = db - da
                [$nx, $ny, $c] = [$planes[$i][0] - $planes[$j][0], $planes[$i][1] - $planes[$j][1], $planes[$j][2] - $planes[$i][2]];
                foreach ([$reach, -$reach] as $side) {
                    if (abs($ny) > 1e-12) {
                        yield [$side, ($c - $nx * $side) / $ny];
                    }
                    if (abs($nx) > 1e-12) {
                        yield [($c - $ny * $side) / $nx, $side];
                    }
                }
                for ($k = $j + 1; $k < $count; ++$k) {
                    [$mx, $my, $d] = [$planes[$i][0] - $planes[$k][0], $planes[$i][1] - $planes[$k][1], $planes[$k][2] - $planes[$i][2]];
                    $cross = $nx * $my - $ny * $mx;
                    if (abs($cross) > 1e-12) {
                        yield [($c * $my - $ny * $d) / $cross, ($nx * $d - $c * $mx) / $cross];
                    }
                }
            }
        }
    }

    /**
     * How far a place is from the nearest plane; where it is not farther than so much, no matter by how much less.
     *
     * @param list<array{float, float, float}> $planes
     */
    private static function height(array $planes, float $dx, float $dy, float $than): float
    {
        $least = INF;
        foreach ($planes as [$nx, $ny, $distance]) {
            $height = $distance + $nx * $dx + $ny * $dy;
            if ($height <= $than) {
                return $height;
            }
            $least = $height < $least ? $height : $least;
        }

        return $least;
    }

    /** @param list<array{float, float, float, float}> $edges */
    private static function nearest(array $edges, float $x, float $y): float
    {
        $nearest = INF;
        foreach ($edges as $edge) {
            $nearest = min($nearest, LargestCircle::distance($edge, $x, $y));
        }

        return $nearest;
    }
}
