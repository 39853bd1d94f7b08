<?php

declare(strict_types=1);

namespace Heurema\Projection;

/** Facets by where they are seen. */
final class FacetGrid
{
    private const CELL = 400.0;

    /** @var array<int, list<int>> */
    private array $cells = [];

    /** @param list<Facet> $facets */
    public function __construct(private readonly array $facets)
    {
        foreach ($facets as $number => $facet) {
            foreach (self::keys($facet->left, $facet->right, $facet->bottom, $facet->top) as $key) {
                $this->cells[$key][] = $number;
            }
        }
    }

    /**
     * @param array{float, float, float} $from
     * @param array{float, float, float} $to
     *
     * @return array<int, Facet> that may come before a line
     */
    public function near(array $from, array $to): array
    {
        $found = [];
        [$left, $right] = [min($from[0], $to[0]), max($from[0], $to[0])];
        [$bottom, $top] = [min($from[1], $to[1]), max($from[1], $to[1])];
        $farthest = max($from[2], $to[2]);
        foreach (self::keys($left, $right, $bottom, $top) as $key) {
            foreach ($this->cells[$key] ?? [] as $number) {
                $facet = $this->facets[$number];
                if (
                    $facet->nearest < $farthest && $facet->left < $right + 0.01 && $facet->right > $left - 0.01
                    && $facet->bottom < $top + 0.01 && $facet->top > $bottom - 0.01
                ) {
                    $found[$number] = $facet;
                }
            }
        }

        return $found;
    }

    /** What is seen at a place; null: nothing. */
    public function at(float $across, float $up): ?Facet
    {
        [$seen, $least] = [null, INF];
        foreach ($this->cells[self::keys($across, $across, $up, $up)[0]] ?? [] as $number) {
            $facet = $this->facets[$number];
            if ($facet->covers($across, $up) && $facet->away($across, $up) < $least) {
                [$seen, $least] = [$facet, $facet->away($across, $up)];
            }
        }

        return $seen;
    }

    /** @return non-empty-list<int> of the cells that a box lies in */
    private static function keys(float $left, float $right, float $bottom, float $top): array
    {
        $keys = [];
        for ($column = (int) floor($left / self::CELL), $last = (int) floor($right / self::CELL); $column <= $last; ++$column) {
            for ($row = (int) floor($bottom / self::CELL), $highest = (int) floor($top / self::CELL); $row <= $highest; ++$row) {
                $keys[] = ($column << 20) + $row;
            }
        }

        return $keys === [] ? [0] : $keys;
    }
}
