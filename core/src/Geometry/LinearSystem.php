<?php

declare(strict_types=1);

namespace Heurema\Geometry;

/** A few linear equations, by Gauss's elimination with the largest pivot first. */
final class LinearSystem
{
    /**
     * @param array<int, array<int, float>> $rows   as many as there are unknowns
     * @param array<int, float>             $values
     *
     * @return list<float>|null null when the rows say the same twice
     */
    public static function solved(array $rows, array $values): ?array
    {
        $count = count($values);
        for ($column = 0; $column < $count; ++$column) {
            $pivot = $column;
            for ($row = $column + 1; $row < $count; ++$row) {
                $pivot = abs($rows[$row][$column]) > abs($rows[$pivot][$column]) ? $row : $pivot;
            }
            if (abs($rows[$pivot][$column]) < 1e-300) {
                return null;
            }
            [
                $rows[$column],
                $rows[$pivot],
                $values[$column],
                $values[$pivot],
            ] = [$rows[$pivot], $rows[$column], $values[$pivot], $values[$column]];
            for ($row = $column + 1; $row < $count; ++$row) {
                $factor = $rows[$row][$column] / $rows[$column][$column];
                if ($factor !== 0.0) {
                    for ($cell = $column; $cell < $count; ++$cell) {
                        $rows[$row][$cell] -= $factor * $rows[$column][$cell];
                    }
                    $values[$row] -= $factor * $values[$column];
                }
            }
        }
        for ($row = $count - 1; $row >= 0; --$row) {
            for ($cell = $row + 1; $cell < $count; ++$cell) {
                $values[$row] -= $rows[$row][$cell] * $values[$cell];
            }
            $values[$row] /= $rows[$row][$row];
        }

        return array_values($values);
    }
}
