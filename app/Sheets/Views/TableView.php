<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\Svg;

/** A list in rows and columns, in as many blocks side by side as its height takes. */
final readonly class TableView extends ListView
{
    private const ROW = 4.8;
    private const WIDEST = 46;
    private const GAP = 6.0;

    /** @var list<float> widths of the columns */
    private array $columns;

    /** @var list<list<list<string>>> rows by block */
    private array $blocks;

    /**
     * @param list<string>       $head
     * @param list<list<string>> $rows
     * @param float              $height that there is, its heading included
     */
    public function __construct(private string $title, private array $head, array $rows, float $height)
    {
        $short = array_map(
            static fn(array $row): array => array_map(static fn(string $cell): string => mb_strimwidth($cell, 0, self::WIDEST, '…'), $row),
            $rows,
        );
        $this->columns = array_map(
            static fn(int $column): float => 3.0 + self::LETTER * max(
                array_map(static fn(array $row): int => mb_strlen($row[$column] ?? ''), [$head, ...$short]),
            ),
            array_keys($head),
        );
        $fitting = max(1, (int) floor($height / self::ROW) - 2);
        $this->blocks = $short === [] ? [[]] : array_chunk($short, $fitting);
    }

    protected function title(): string
    {
        return $this->title;
    }

    protected function rows(): int
    {
        return 1 + max(array_map(count(...), $this->blocks));
    }

    protected function rowHeight(): float
    {
        return self::ROW;
    }

    protected function width(): float
    {
        return count($this->blocks) * (array_sum($this->columns) + self::GAP) - self::GAP;
    }

    protected function body(float $left, float $top): string
    {
        $tables = '';
        foreach ($this->blocks as $number => $rows) {
            $tables .= $this->block($rows, $left + $number * (array_sum($this->columns) + self::GAP), $top);
        }

        return Svg::element('g', ['role' => 'table', 'aria-label' => $this->title, 'class' => 'list'], $tables);
    }

    /** @param list<list<string>> $rows */
    private function block(array $rows, float $x, float $y): string
    {
        $line = Svg::element('path', [
            'class' => 'frame-line', 'd' => 'M'.self::number($x).' '.self::number($y + self::ROW).'h'.self::number(
                array_sum($this->columns),
            ),
            'aria-hidden' => 'true',
        ]);
        $drawn = $this->row($this->head, 'columnheader', $x, $y).$line;
        foreach ($rows as $number => $row) {
            $drawn .= $this->row($row, 'cell', $x, $y + self::ROW * ($number + 1));
        }

        return $drawn;
    }

    /** @param list<string> $cells */
    private function row(array $cells, string $role, float $x, float $y): string
    {
        $drawn = '';
        foreach ($cells as $column => $cell) {
            $drawn .= Svg::element('g', ['role' => $role], self::text(
                $role === 'cell' ? 'list-cell' : 'list-head',
                $x,
                $y,
                $cell,
            ));
            $x += $this->columns[$column] ?? 0.0;
        }

        return Svg::element('g', ['role' => 'row'], $drawn);
    }
}
