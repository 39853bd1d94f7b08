<?php

declare(strict_types=1);

namespace Heurema\Spatial;

use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\SegmentGrid;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\Wall;

/**
 * Runs wall ends to the walls they plainly meet. An end in another wall's body, or up to 10 mm short of it, goes on to that wall's
 * centre line; at a corner, where the other wall ends too, it may also go back as far. Ends of walls in one line that are up to 10 mm
 * apart are drawn out until they overlap. No wall is turned: what lies aside of its line stays there, and dividers are tied together.
 */
final class WallJoints
{
    /** Ends closer than this, in mm, are the same point without further ado. */
    public const SAME_POINT = Tolerance::TOUCH;

    /** Gaps up to this, in mm, are drawing slips and are closed. */
    public const CLOSES_GAPS_TO = 10.0;

    /** Ends are looked at in small boxes. */
    public const CELLS_PER_WALL = 10.0;

    /** Of an angle so small that two walls run in one line, its sine. */
    private const IN_LINE = 0.1;

    private SegmentGrid $lines;

    /** How far from an end, mm, a wall that it meets can have its centre line. */
    private float $farthest = 0.0;

    /** @param list<Wall> $walls */
    private function __construct(private readonly array $walls)
    {
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
            [$from, $backTie] = $joints->end($wall->line()->reversed(), $number);
            [$to, $tie] = $joints->end($wall->line(), $number);
            $isLong = $from->distanceTo($to) > self::SAME_POINT && $to->minus($from)->dot($wall->line()->vector()) > 0;
            $joined[] = new JoinedWall(
                $wall,
                $isLong ? new Segment($from, $to) : $wall->line(),
                array_values(array_filter([$backTie, $tie])),
            );
        }

        return $joined;
    }

    /**
     * Where the far end of a wall's line comes to lie, and what ties it to a divider beside its line.
     *
     * @return array{Point, Segment|null}
     */
    private function end(Segment $line, int $own): array
    {
        $near = $this->near($line->to, $own);
        $meeting = $this->nearestMeeting($line, $near);

        return $meeting === null ? $this->drawnOut($line, $this->walls[$own], $near) : [$meeting, null];
    }

    /** @return list<Wall> that an end may meet */
    private function near(Point $end, int $own): array
    {
        $numbers = $this->lines->inBox((new Box($end->x, $end->y, $end->x, $end->y))->grown($this->farthest));

        return array_values(array_map(
            fn(int $number): Wall => $this->walls[$number],
            array_filter($numbers, static fn(int $number): bool => $number !== $own),
        ));
    }

    /** @param list<Wall> $near */
    private function nearestMeeting(Segment $line, array $near): ?Point
    {
        $best = null;
        foreach ($near as $other) {
            $meeting = self::meeting($line, $other);
            if ($meeting !== null && ($best === null || $meeting->distanceTo($line->to) < $best->distanceTo($line->to))) {
                $best = $meeting;
            }
        }

        return $best;
    }

    /** Where the end of a line that comes close to another wall meets that wall's centre line; the end itself where it goes beyond. */
    public static function meeting(Segment $line, Wall $other): ?Point
    {
        $axis = $other->line();
        $within = $other->thickness / 2 + self::CLOSES_GAPS_TO;
        $crossing = $axis->distanceTo($line->to) > $within ? null : $line->lineCrossing($axis);
        if ($crossing === null || abs($line->direction()->cross($axis->direction())) < self::IN_LINE) {
            return null;
        }
        if ($crossing->distanceTo($line->to) > 2 * $within || $axis->distanceTo($crossing) > $within) {
            return null;
        }
        $beyond = $line->length() - $line->along($crossing);
        $isCorner = min($axis->from->distanceTo($crossing), $axis->to->distanceTo($crossing)) <= self::CLOSES_GAPS_TO;

        return $beyond <= 0 || ($isCorner && $beyond <= self::CLOSES_GAPS_TO) ? $crossing : $line->to;
    }

    /**
     * On along its own line to where the nearest wall in line with it begins.
     *
     * @param list<Wall> $near
     *
     * @return array{Point, Segment|null}
     */
    private function drawnOut(Segment $line, Wall $own, array $near): array
    {
        $nearest = null;
        foreach ($near as $other) {
            foreach ([$other->from, $other->to] as $end) {
                $distance = $end->distanceTo($line->to);
                if ($distance <= self::CLOSES_GAPS_TO && ($nearest === null || $distance < $nearest[0])) {
                    $nearest = [$distance, $end, $other];
                }
            }
        }
        if ($nearest === null) {
            return [$line->to, null];
        }
        [$distance, $end, $other] = $nearest;
        $tie = $distance > 0 && $own->isOpenBoundary() && $other->isOpenBoundary() ? new Segment($line->to, $end) : null;

        return [$line->at(max($line->length(), $line->along($end))), $tie];
    }
}
