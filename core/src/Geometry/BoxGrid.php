<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** Finds shapes by the boxes around them without looking at all of them. */
final class BoxGrid
{
    /** @var array<string, list<int>> */
    private array $cells = [];

    private readonly float $size;

    /** @param array<int, Box> $boxes by the number of the shape */
    public function __construct(private readonly array $boxes)
    {
        $sides = array_map(static fn(Box $box): float => max($box->width(), $box->height()), $boxes);
        $this->size = max(1.0, array_sum($sides) / max(1, count($sides)), $sides === [] ? 0.0 : max($sides) / 300);
        foreach ($boxes as $number => $box) {
            foreach ($this->cellsOf($box) as $cell) {
                $this->cells[$cell][] = $number;
            }
        }
    }

    /** @return list<int> numbers of the shapes whose boxes hold the point */
    public function at(Point $point): array
    {
        $cell = ((int) floor($point->x / $this->size)).','.((int) floor($point->y / $this->size));

        return array_values(array_filter($this->cells[$cell] ?? [], fn(int $number): bool => $this->boxes[$number]->contains($point)));
    }

    /** @return list<int> numbers of the shapes whose boxes have some area in common with a box, ascending */
    public function overlapping(Box $box): array
    {
        $found = [];
        // a box over more cells than there are shapes is held against all of them
        $isWide = ($box->width() / $this->size + 1) * ($box->height() / $this->size + 1) > count($this->boxes);
        foreach ($isWide ? array_keys($this->boxes) : array_merge(...array_map(
            fn(string $cell): array => $this->cells[$cell] ?? [],
            $this->cellsOf($box),
        )) as $number) {
            if (!isset($found[$number]) && $this->boxes[$number]->overlaps($box)) {
                $found[$number] = $number;
            }
        }
        sort($found);

        return $found;
    }

    /** @return list<string> */
    private function cellsOf(Box $box): array
    {
        $cells = [];
        for ($column = (int) floor($box->left / $this->size), $last = (int) floor($box->right / $this->size); $column <= $last; ++$column) {
            for ($row = (int) floor($box->bottom / $this->size), $top = (int) floor($box->top / $this->size); $row <= $top; ++$row) {
                $cells[] = "{$column},{$row}";
            }
        }

        return $cells;
    }
}
