<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Polygons with many holes, asked for what of them matters near a box. */
final class PolygonsNear
{
    private readonly BoxGrid $outers;

    /** @var array<int, BoxGrid> of the holes of each */
    private array $holes = [];

    /** @param list<Polygon> $polygons */
    public function __construct(private readonly array $polygons)
    {
        $this->outers = new BoxGrid(array_map(static fn(Polygon $polygon): Box => $polygon->bounds(), $polygons));
    }

    /** @return list<Polygon> those that come near the box, with only the holes that do */
    public function in(Box $box): array
    {
        return array_map(function (int $number) use ($box): Polygon {
            $polygon = $this->polygons[$number];
            $grid = $this->holes[$number] ??= new BoxGrid(array_map(static fn(Ring $hole): Box => $hole->bounds(), $polygon->holes));

            return new Polygon($polygon->outer, array_map(static fn(int $hole): Ring => $polygon->holes[$hole], $grid->overlapping($box)));
        }, $this->outers->overlapping($box));
    }
}
