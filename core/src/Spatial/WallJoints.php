<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Wall;

/**
 * Runs wall ends to the walls they plainly meet: an end in another wall's body, or up to 10 mm short of it, goes to that
 * wall's centre line; ends up to 10 mm apart become one point.
 */
final class WallJoints
{
    /** Ends closer than this, in mm, are the same point without further ado. */
    public const SAME_POINT = 0.05;

    /** Gaps up to this, in mm, are drawing slips and are closed. */
    public const CLOSES_GAPS_TO = 10.0;

    /**
     * @param list<Wall> $walls
     *
     * @return list<JoinedWall> in the same order
     */
    public function join(array $walls): array
    {
        $ends = [];
        $joined = [];
        foreach ($walls as $i => $wall) {
            $from = $this->shared($this->reach($wall->line()->reversed(), $i, $walls), $ends);
            $to = $this->shared($this->reach($wall->line(), $i, $walls), $ends);
            $joined[] = new JoinedWall($wall, $from->distanceTo($to) > self::SAME_POINT ? new Segment($from, $to) : $wall->line());
        }

        return $joined;
    }

    /**
     * Where the far end of a wall's line comes to lie.
     *
     * @param list<Wall> $walls
     */
    private function reach(Segment $line, int $own, array $walls): Point
    {
        $best = null;
        foreach ($walls as $i => $other) {
            if ($i === $own) {
                continue;
            }
            $meeting = $this->meeting($line, $other);
            if ($meeting !== null && ($best === null || $meeting->distanceTo($line->to) < $best->distanceTo($line->to))) {
                $best = $meeting;
            }
        }

        return $best ?? $line->to;
    }

    /** Where the end of a line that comes close to another wall meets that wall's centre line. */
    private function meeting(Segment $line, Wall $other): ?Point
    {
        $axis = $other->line();
        $within = $other->thickness / 2 + self::CLOSES_GAPS_TO;
        if ($axis->distanceTo($line->to) > $within) {
            return null;
        }
        $crossing = $line->lineCrossing($axis);
        if ($crossing === null || abs($line->direction()->cross($axis->direction())) < 0.1) {
            return null;
        }

        return $crossing->distanceTo($line->to) <= 2 * $within && $axis->distanceTo($crossing) <= $within ? $crossing : null;
    }

    /**
     * The first end found near a point, or the point itself.
     *
     * @param list<Point> $ends
     */
    private function shared(Point $end, array &$ends): Point
    {
        foreach ($ends as $known) {
            if ($known->distanceTo($end) <= self::CLOSES_GAPS_TO) {
                return $known;
            }
        }
        $ends[] = $end;

        return $end;
    }
}
