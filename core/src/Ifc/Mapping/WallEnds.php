<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;

/**
 * Walls of a file end at faces, or at lines beside their middle; a layout has them meet in their middles. Each end moves along its own
 * line to where it crosses the wall that it runs into, so that no face moves.
 */
final class WallEnds
{
    /** Ends that come no nearer to a face, mm, do not meet it. */
    private const NEAR = 30.0;

    /** Lines so nearly parallel, by the sine of their angle, do not cross. */
    private const PARALLEL = 0.05;

    /** @param list<DrawnWall> $walls of one storey */
    public static function join(array $walls): void
    {
        $drawn = array_map(static fn(DrawnWall $wall): Segment => $wall->line, $walls);
        foreach ($walls as $number => $wall) {
            $line = $drawn[$number];
            $from = self::end($line->from, $number, $walls, $drawn);
            $to = self::end($line->to, $number, $walls, $drawn);
            if (!$wall->isKept() && $from->distanceTo($to) > 1.0 && $line->direction()->dot($to->minus($from)) > 0) {
                $wall->line = new Segment($from, $to);
            }
        }
    }

    /**
     * @param list<DrawnWall> $walls
     * @param list<Segment>   $drawn their lines as they were
     */
    private static function end(Point $end, int $of, array $walls, array $drawn): Point
    {
        [$nearest, $least] = [$end, INF];
        foreach ($drawn as $number => $other) {
            $sine = abs($drawn[$of]->direction()->cross($other->direction()));
            $crossing = $number === $of || $sine < self::PARALLEL ? null : $other->lineCrossing($drawn[$of]);
            if ($crossing === null) {
                continue;
            }
            $away = $crossing->distanceTo($end);
            $beyond = max(-$other->along($crossing), $other->along($crossing) - $other->length(), 0.0);
            $reaches = $away <= ($walls[$number]->thickness / 2 + self::NEAR) / $sine
                && $beyond <= ($walls[$of]->thickness / 2 + self::NEAR) / $sine;
            if ($reaches && $away < $least) {
                [$nearest, $least] = [$crossing, $away];
            }
        }

        return $nearest;
    }
}
