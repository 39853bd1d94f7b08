<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\Svg;
use App\Sheets\Extent;

/** A view of rows below a heading, in mm of paper; its anchor is the middle. */
abstract readonly class ListView implements SheetView
{
    /** How wide a letter is. */
    protected const LETTER = 1.6;

    /** From the top of a row to the line its text stands on. */
    private const BASELINE = 3.4;

    public function caption(): string
    {
        return '';
    }

    public function scale(): ?int
    {
        return null;
    }

    public function extent(): Extent
    {
        return Extent::around($this->width(), $this->rowHeight() * (1 + $this->rows()));
    }

    public function draw(float $x, float $y): string
    {
        $extent = $this->extent();
        [$left, $top] = [$x - $extent->left, $y - $extent->up];

        return Svg::element('g', ['role' => 'heading', 'aria-level' => 2], self::text('list-title', $left, $top, $this->title()))
            .$this->body($left, $top + $this->rowHeight());
    }

    abstract protected function title(): string;

    /** How many stand below one another, the heading not counted. */
    abstract protected function rows(): int;

    abstract protected function rowHeight(): float;

    abstract protected function width(): float;

    /** @return string SVG of the rows, from their top left */
    abstract protected function body(float $left, float $top): string;

    /** @param float $top of its row */
    protected static function text(string $class, float $x, float $top, string $text): string
    {
        return Svg::element(
            'text',
            ['class' => $class, 'x' => self::number($x), 'y' => self::number($top + self::BASELINE)],
            Svg::text($text),
        );
    }

    protected static function number(float $number): string
    {
        return (string) round($number, 3);
    }
}
