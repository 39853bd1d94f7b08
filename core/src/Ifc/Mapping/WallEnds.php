<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Box;
use Heurema\Geometry\BoxGrid;
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

    /** @var list<Segment> lines of the walls as they were */
    private array $drawn;

    private BoxGrid $near;

    /** From an end to where it may meet a wall, and from there to that wall, there is no more than this, mm. */
    private float $reach;

    /** @param list<DrawnWall> $walls */
    private function __construct(private array $walls)
    {
        $this->drawn = array_map(static fn(DrawnWall $wall): Segment => $wall->line, $walls);
        $this->near = new BoxGrid(array_map(
            static fn(Segment $line): Box => Box::around([$line->from, $line->to])->grown(1.0),
            $this->drawn,
        ));
        $thickest = max([0.0, ...array_map(static fn(DrawnWall $wall): float => $wall->thickness, $walls)]);
        $this->reach = ($thickest / 2 + self::NEAR) / self::PARALLEL;
    }

    /** @param list<DrawnWall> $walls of one storey */
    public static function join(array $walls): void
    {
        $ends = new self($walls);
        foreach ($walls as $number => $wall) {
            if (!$wall->isKept()) {
                $ends->move($wall, $number);
            }
        }
    }

    private function move(DrawnWall $wall, int $number): void
    {
        $line = $this->drawn[$number];
        [$from, $to] = [$this->end($line->from, $number), $this->end($line->to, $number)];
        if ($from->distanceTo($to) > 1.0 && $line->direction()->dot($to->minus($from)) > 0) {
            $wall->line = new Segment($from, $to);
        }
    }

    private function end(Point $end, int $of): Point
    {
        [$nearest, $least] = [$end, INF];
        $line = $this->drawn[$of];
        foreach ($this->near->overlapping(Box::around([$end])->grown(2 * $this->reach)) as $number) {
            $other = $this->drawn[$number];
            $sine = abs($line->direction()->cross($other->direction()));
            $crossing = $number === $of || $sine < self::PARALLEL ? null : $other->lineCrossing($line);
            if ($crossing === null) {
                continue;
            }
            $away = $crossing->distanceTo($end);
            $beyond = max(-$other->along($crossing), $other->along($crossing) - $other->length(), 0.0);
            $reaches = $away <= ($this->walls[$number]->thickness / 2 + self::NEAR) / $sine
                && $beyond <= ($this->walls[$of]->thickness / 2 + self::NEAR) / $sine;
            if ($reaches && $away < $least) {
                [$nearest, $least] = [$crossing, $away];
            }
        }

        return $nearest;
    }
}
