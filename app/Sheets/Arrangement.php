<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Sheets\Views\SheetView;
use Heurema\Geometry\Point;

/**
 * Where views stand on a sheet, in mm from its top left: in rows from left to right, or in columns from the top down, with the room that is
 * left shared out between them. The anchor of each stands in the middle of its share, moved as far as it takes to keep all of it inside.
 */
final readonly class Arrangement
{
    /** Between views, and for what is written below one that is not alone. */
    private const GAP = 8.0;
    public const CAPTION = 7.0;

    /** How wide a letter of a caption is, mm. */
    public const LETTER = 2.1;

    /** @param list<Point> $anchors in the order of the views */
    private function __construct(public array $anchors) {}

    /**
     * @param list<SheetView> $views
     *
     * @return self|null null: there is no room for them
     */
    public static function of(array $views, float $left, float $top, float $width, float $height): ?self
    {
        $cells = array_map(
            static fn(SheetView $view): array => count($views) > 1 && $view->caption() !== ''
                ? [$view->extent()->atLeast(self::LETTER * mb_strlen($view->caption())), self::CAPTION]
                : [$view->extent(), 0.0],
            $views,
        );

        return self::rows($cells, $left, $top, $width, $height) ?? self::columns($cells, $left, $top, $width, $height);
    }

    /** @param list<array{Extent, float}> $cells */
    private static function rows(array $cells, float $left, float $top, float $width, float $height): ?self
    {
        $rows = self::filled(array_map(static fn(array $cell): float => $cell[0]->width(), $cells), $width);
        $heights = array_map(
            static fn(array $row): float => max([0.0, ...array_map(
                static fn(int $number): float => $cells[$number][0]->height() + $cells[$number][1],
                $row,
            )]),
            $rows ?? [],
        );
        $spare = $height - array_sum($heights) - self::GAP * max(0, count($heights) - 1);
        if ($rows === null || $spare < -1e-6) {
            return null;
        }
        $anchors = [];
        $y = $top;
        foreach ($rows as $number => $row) {
            $share = $heights[$number] + $spare / count($rows);
            $widths = array_map(static fn(int $cell): float => $cells[$cell][0]->width(), $row);
            $free = ($width - array_sum($widths) - self::GAP * (count($row) - 1)) / count($row);
            $x = $left;
            foreach ($row as $place => $cell) {
                [$extent, $caption] = $cells[$cell];
                $anchors[$cell] = self::anchor($extent, $caption, $x, $y, $widths[$place] + $free, $share);
                $x += $widths[$place] + $free + self::GAP;
            }
            $y += $share + self::GAP;
        }
        ksort($anchors);

        return new self(array_values($anchors));
    }

    /** @param list<array{Extent, float}> $cells */
    private static function columns(array $cells, float $left, float $top, float $width, float $height): ?self
    {
        $columns = self::filled(array_map(static fn(array $cell): float => $cell[0]->height() + $cell[1], $cells), $height);
        $widths = array_map(
            static fn(array $column): float => max(
                [0.0, ...array_map(static fn(int $number): float => $cells[$number][0]->width(), $column)],
            ),
            $columns ?? [],
        );
        $spare = $width - array_sum($widths) - self::GAP * max(0, count($widths) - 1);
        if ($columns === null || $spare < -1e-6) {
            return null;
        }
        $anchors = [];
        $x = $left;
        foreach ($columns as $number => $column) {
            $share = $widths[$number] + $spare / count($columns);
            $heights = array_map(static fn(int $cell): float => $cells[$cell][0]->height() + $cells[$cell][1], $column);
            $free = ($height - array_sum($heights) - self::GAP * (count($column) - 1)) / count($column);
            $y = $top;
            foreach ($column as $place => $cell) {
                [$extent, $caption] = $cells[$cell];
                $anchors[$cell] = self::anchor($extent, $caption, $x, $y, $share, $heights[$place] + $free);
                $y += $heights[$place] + $free + self::GAP;
            }
            $x += $share + self::GAP;
        }
        ksort($anchors);

        return new self(array_values($anchors));
    }

    /**
     * One after the other, a new line where the next has no room.
     *
     * @param list<float> $lengths
     *
     * @return list<non-empty-list<int>>|null their numbers by line; null: one alone is too long
     */
    private static function filled(array $lengths, float $most): ?array
    {
        $lines = [];
        $used = 0.0;
        foreach ($lengths as $number => $length) {
            if ($length > $most + 1e-6) {
                return null;
            }
            $last = count($lines) - 1;
            if ($last >= 0 && $used + self::GAP + $length <= $most + 1e-6) {
                $lines[$last][] = $number;
                $used += self::GAP + $length;
            } else {
                $lines[] = [$number];
                $used = $length;
            }
        }

        return $lines;
    }

    private static function anchor(Extent $extent, float $caption, float $x, float $y, float $width, float $height): Point
    {
        return new Point(
            max($x + $extent->left, min($x + $width / 2, $x + $width - $extent->right)),
            max($y + $extent->up, min($y + ($height - $caption) / 2, $y + $height - $caption - $extent->down)),
        );
    }
}
