<?php

declare(strict_types=1);

namespace Heurema\Ifc\Mapping;

use Heurema\Geometry\Box;
use Heurema\Geometry\BoxGrid;
use Heurema\Geometry\Point;

/** The walls of a storey by where they are. */
final readonly class WallsNear
{
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

    public function isInOne(Point $place): bool
    {
        return array_filter($this->in(Box::around([$place])), static fn(DrawnWall $wall): bool => $wall->holds($place)) !== [];
    }
}
