<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** One direction along a piece of an arrangement; its face lies to the left. */
final class HalfEdge
{
    public int $face = 0;

    /**
     * @param array<int, int> $steps change of each layer's depth from the right side to the left
     * @param list<int>       $marks
     */
    public function __construct(
        public readonly int $from,
        public readonly int $to,
        public readonly array $steps,
        public readonly array $marks,
    ) {}
}
