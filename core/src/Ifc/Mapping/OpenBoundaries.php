<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Layout\Words\WallType;

/** Where the outline of a space runs along no wall there is a boundary without one: between two spaces, or beside an open edge. In mm. */
final class OpenBoundaries
{
    /** An edge so near to a wall's body runs along it. */
    private const BESIDE = 60.0;

    /** Shorter stretches are none. */
    private const SHORTEST = 100.0;

    /** Two stretches so near to one another are one. */
    private const SAME = 60.0;

    private const STEP = 10.0;

    /** Walls farther from an edge are not beside it, and it does not run into them. */
    private const REACH = 1000.0;

    /** @return list<DrawnWall> */
    public static function of(StoreyDraft $storey): array
    {
        $found = [];
        $near = new WallsNear($storey->walls);
        foreach ($storey->spaces as $space) {
            foreach ($space->outline->edges() as $number => $edge) {
                $walls = $near->in(Box::around([$edge->from, $edge->to])->grown(self::REACH));
                foreach (self::openParts($edge, $walls) as $part => $open) {
                    if (array_filter($found, static fn(DrawnWall $other): bool => self::isSame($other->line, $open)) === []) {
                        $found[] = new DrawnWall(
                            null,
                            "{$space->id}_{$number}_{$part}",
                            self::reaching($open, $walls),
                            0.0,
                            WallType::OpenBoundary,
                        );
                    }
                }
            }
        }

        return $found;
    }

    /**
     * @param list<DrawnWall> $walls
     *
     * @return list<Segment>
     */
    private static function openParts(Segment $edge, array $walls): array
    {
        $length = $edge->length();
        $steps = max(1, (int) ceil($length / self::STEP));
        [$parts, $start] = [[], null];
        for ($step = 0; $step <= $steps; ++$step) {
            $at = $length * $step / $steps;
            $isOpen = array_filter($walls, static fn(DrawnWall $wall): bool => $wall->holds($edge->at($at), self::BESIDE)) === [];
            if ($isOpen && $start === null) {
                $start = $at;
            }
            if ($start !== null && (!$isOpen || $step === $steps)) {
                $end = $isOpen ? $at : $length * ($step - 1) / $steps;
                // walls hold what is a little beside them, so that a stretch between two begins and ends that much too late
                [$from, $to] = [max(0.0, $start - self::BESIDE - self::STEP), min($length, $end + self::BESIDE + self::STEP)];
                $parts = [...$parts, ...$end - $start >= self::SHORTEST ? [new Segment($edge->at($from), $edge->at($to))] : []];
                $start = null;
            }
        }

        return $parts;
    }

    /**
     * Its ends go on to the middles of the walls that they touch.
     *
     * @param list<DrawnWall> $walls
     */
    private static function reaching(Segment $open, array $walls): Segment
    {
        $way = $open->direction();

        return new Segment(self::end($open->from, $way->times(-1), $walls), self::end($open->to, $way, $walls));
    }

    /** @param list<DrawnWall> $walls */
    private static function end(Point $end, Point $way, array $walls): Point
    {
        $line = new Segment($end, $end->plus($way));
        [$nearest, $least] = [$end, INF];
        foreach ($walls as $wall) {
            $crossing = $wall->line->lineCrossing($line);
            $ahead = $crossing === null ? -1.0 : $way->dot($crossing->minus($end));
            $isIn = $crossing !== null && $wall->holds($crossing, $wall->thickness / 2 + self::BESIDE);
            if ($isIn && $ahead >= 0.0 && $ahead <= $wall->thickness / 2 + self::BESIDE && $ahead < $least) {
                [$nearest, $least] = [$crossing, $ahead];
            }
        }

        return $nearest;
    }

    private static function isSame(Segment $one, Segment $other): bool
    {
        return abs($one->direction()->cross($other->direction())) < 0.02
            && abs($one->leftOf($other->middle())) < self::SAME
            && $one->along($other->middle()) > 0.0
            && $one->along($other->middle()) < $one->length();
    }
}
