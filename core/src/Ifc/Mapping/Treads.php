<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Ring;
use Heurema\Ifc\Shape\Solid;

/** The treads of a stair, told by its bodies: level faces that look up, one above the other. In mm. */
final class Treads
{
    /** A smaller face, mm², is no tread; a larger one is a landing. */
    private const LEAST = 20_000.0;

    /** Faces so near in height, mm, make one tread. */
    private const SAME = 5.0;

    /** No riser is lower or higher, mm. */
    private const LOWEST = 40.0;
    private const HIGHEST = 400.0;

    /**
     * @param list<Solid> $solids
     *
     * @return list<array{Ring, float}> outline and height, lowest first, as far as each lies a riser above the one before
     */
    public static function of(array $solids, float $from): array
    {
        $faces = array_merge(...array_map(static fn(Solid $solid): array => $solid->treads(), $solids));
        $faces = array_filter($faces, static fn(array $face): bool => $face[0]->area() >= self::LEAST && $face[1] > $from + self::LOWEST);
        usort($faces, static fn(array $a, array $b): int => [$a[1], -$a[0]->area()] <=> [$b[1], -$b[0]->area()]);
        $treads = [];
        $height = $from;
        foreach ($faces as [$outline, $at]) {
            if ($at - $height <= self::SAME) {
                continue;
            }
            if ($at - $height > self::HIGHEST) {
                break;
            }
            $treads[] = [$outline, $at];
            $height = $at;
        }

        return $treads;
    }

    public static function middle(Ring $tread): Point
    {
        [$x, $y, $twice] = [0.0, 0.0, 0.0];
        foreach ($tread->edges() as $edge) {
            $cross = $edge->from->cross($edge->to);
            $twice += $cross;
            $x += ($edge->from->x + $edge->to->x) * $cross;
            $y += ($edge->from->y + $edge->to->y) * $cross;
        }

        return abs($twice) < 1.0 ? $tread->middle() : new Point($x / (3 * $twice), $y / (3 * $twice));
    }
}
