<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A stretch of a face's border: the face lies to its left, another face beyond it. */
final readonly class Side
{
    /** @param list<int> $marks marks of the lines that run here */
    public function __construct(public Segment $segment, public array $marks, public int $beyond) {}
}
