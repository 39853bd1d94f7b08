<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\SegmentGrid;
use Heurema\Layout\Wall;

/**
 * Runs wall ends to the walls they plainly meet: an end in another wall's body, or up to 10 mm short of it, goes to that
 * wall's centre line; loose ends up to 10 mm apart become one point.
 */
final class WallJoints
{
    /** Ends closer than this, in mm, are the same point without further ado. */
    public const SAME_POINT = 0.05;

    /** Gaps up to this, in mm, are drawing slips and are closed. */
    public const CLOSES_GAPS_TO = 10.0;

    /** Ends are looked at in small boxes. */
    public const CELLS_PER_WALL = 10.0;

    private SegmentGrid $lines;

    /** How far from an end, mm, a wall that it meets can have its centre line. */
    private float $farthest = 0.0;

    /** @var list<Wall> */
    private array $walls;

    /** @var array<string, list<Point>> loose ends by a coarse cell */
    private array $looseEnds = [];

    /** @param list<Wall> $walls */
    private function __construct(array $walls)
    {
        $this->walls = $walls;
        $this->lines = new SegmentGrid(array_map(static fn(Wall $wall): Segment => $wall->line(), $walls), self::CELLS_PER_WALL);
        foreach ($walls as $wall) {
            $this->farthest = max($this->farthest, $wall->thickness / 2 + self::CLOSES_GAPS_TO);
        }
    }

    /**
     * @param list<Wall> $walls
     *
     * @return list<JoinedWall> in the same order
     */
    public static function join(array $walls): array
    {
        $joints = new self($walls);
        $joined = [];
        foreach ($walls as $number => $wall) {
            $from = $joints->end($wall->line()->reversed(), $number);
            $to = $joints->end($wall->line(), $number);
            $joined[] = new JoinedWall($wall, $from->distanceTo($to) > self::SAME_POINT ? new Segment($from, $to) : $wall->line());
        }

        return $joined;
    }

    /** Where the far end of a wall's line comes to lie. */
    private function end(Segment $line, int $own): Point
    {
        $best = null;
        $around = (new Box($line->to->x, $line->to->y, $line->to->x, $line->to->y))->grown($this->farthest);
        foreach ($this->lines->inBox($around) as $number) {
            $meeting = $number === $own ? null : $this->meeting($line, $this->walls[$number]);
            if ($meeting !== null && ($best === null || $meeting->distanceTo($line->to) < $best->distanceTo($line->to))) {
                $best = $meeting;
            }
        }
        if ($best === null) {
            return $this->shared($line->to);
        }

        // a wall is drawn out, never cut back, and what is off by nothing but rounding stays exactly where it was drawn
        return $line->along($best) - $line->length() <= self::SAME_POINT ? $line->to : $best;
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

    /** The first loose end found near a point, or the point itself. */
    private function shared(Point $end): Point
    {
        $cell = 4 * self::CLOSES_GAPS_TO;
        [$column, $row] = [(int) floor($end->x / $cell), (int) floor($end->y / $cell)];
        for ($x = $column - 1; $x <= $column + 1; ++$x) {
            for ($y = $row - 1; $y <= $row + 1; ++$y) {
                foreach ($this->looseEnds["{$x},{$y}"] ?? [] as $known) {
                    if ($known->distanceTo($end) <= self::CLOSES_GAPS_TO) {
                        return $known->distanceTo($end) <= self::SAME_POINT ? $end : $known;
                    }
                }
            }
        }
        $this->looseEnds["{$column},{$row}"][] = $end;

        return $end;
    }
}
