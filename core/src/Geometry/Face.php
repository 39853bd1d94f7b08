<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** One part of an arranged plane. */
final readonly class Face
{
    /**
     * @param list<non-empty-list<int>> $cycles half edges around it: the outer border first (the unbounded face has none), then its holes
     * @param array<int, int>           $depths how many times each layer covers it
     */
    public function __construct(public array $cycles, private array $depths) {}

    public function depth(int $layer): int
    {
        return $this->depths[$layer] ?? 0;
    }
}
