<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Box;
use Heurema\Geometry\BoxGrid;
use Heurema\Geometry\Point;

/** The walls of a storey by where they are. */
final readonly class WallsNear
{
    /** How far one looks for walls at first, mm. */
    private const FIRST_REACH = 1000.0;

    private BoxGrid $boxes;

    /** @param list<DrawnWall> $walls */
    public function __construct(private array $walls)
    {
        $this->boxes = new BoxGrid(array_map(
            static fn(DrawnWall $wall): Box => Box::around([$wall->line->from, $wall->line->to])->grown($wall->thickness / 2 + 1.0),
            $walls,
        ));
    }

    /** @return list<DrawnWall> that come into a box */
    public function in(Box $box): array
    {
        return array_map(fn(int $number): DrawnWall => $this->walls[$number], $this->boxes->overlapping($box));
    }

    /** How far a place is from the nearest face; INF where there are none. */
    public function distanceTo(Point $place): float
    {
        $all = count($this->walls);
        for ($reach = self::FIRST_REACH; ; $reach *= 4) {
            $walls = $this->in(Box::around([$place])->grown($reach));
            $nearest = min([INF, ...array_map(
                static fn(DrawnWall $wall): float => max(0.0, $wall->line->distanceTo($place) - $wall->thickness / 2),
                $walls,
            )]);
            if ($nearest <= $reach || count($walls) === $all) {
                return $nearest;
            }
        }
    }

    public function isInOne(Point $place): bool
    {
        return array_filter($this->in(Box::around([$place])), static fn(DrawnWall $wall): bool => $wall->holds($place)) !== [];
    }
}
