<?php

declare(strict_types=1);

namespace Heurema\Projection;

/** Facets by where they are seen. */
final class FacetGrid
{
    private const CELL = 400.0;

    /** What lies this near a line may come before it, mm. */
    private const BESIDE = 0.01;

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
        foreach (self::keysAlong($from, $to) as $key) {
            foreach ($this->cells[$key] ?? [] as $number) {
                $facet = $this->facets[$number];
                if (
                    $facet->nearest < $farthest && $facet->left < $right + self::BESIDE && $facet->right > $left - self::BESIDE
                    && $facet->bottom < $top + self::BESIDE && $facet->top > $bottom - self::BESIDE
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

    /**
     * @param array{float, float, float} $from
     * @param array{float, float, float} $to
     *
     * @return list<int> of the cells that a line runs through, column by column
     */
    private static function keysAlong(array $from, array $to): array
    {
        [$left, $right] = $from[0] <= $to[0] ? [$from, $to] : [$to, $from];
        $run = $right[0] - $left[0];
        $up = static fn(float $across): float => $left[1] + ($right[1] - $left[1]) * min(1.0, max(0.0, ($across - $left[0]) / $run));
        $keys = [];
        $last = (int) floor(($right[0] + self::BESIDE) / self::CELL);
        for ($column = (int) floor(($left[0] - self::BESIDE) / self::CELL); $column <= $last; ++$column) {
            [$in, $out] = $run < self::BESIDE
                ? [$left[1], $right[1]]
                : [$up($column * self::CELL - self::BESIDE), $up(($column + 1) * self::CELL + self::BESIDE)];
            $highest = (int) floor((max($in, $out) + self::BESIDE) / self::CELL);
            for ($row = (int) floor((min($in, $out) - self::BESIDE) / self::CELL); $row <= $highest; ++$row) {
                $keys[] = ($column << 20) + $row;
            }
        }

        return $keys;
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
