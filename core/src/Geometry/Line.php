<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A segment that goes into an arrangement: its mark tells whose it is, its layer what lies to its left. */
final readonly class Line
{
    /**
     * @param int      $mark  any number of the caller's, handed on to the faces beside the line
     * @param int|null $layer the layer that is one deeper left of the line than right of it; null for a line that only parts
     */
    public function __construct(public Segment $segment, public int $mark = 0, public ?int $layer = null) {}

    /** @return list<self> the edges of a ring whose inside is one deeper in the layer */
    public static function around(Ring $ring, int $mark = 0, int $layer = 0): array
    {
        return array_map(static fn(Segment $edge): self => new self($edge, $mark, $layer), $ring->counterClockwise()->edges());
    }

    /** @return list<self> the edges of a polygon, holes included */
    public static function aroundPolygon(Polygon $polygon, int $mark = 0, int $layer = 0): array
    {
        return array_map(static fn(Segment $edge): self => new self($edge, $mark, $layer), $polygon->edges());
    }
}
