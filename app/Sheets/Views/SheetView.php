<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Sheets\Extent;

/** One drawing or list on a sheet. */
interface SheetView
{
    /** What stands below it, where it is not alone on its sheet. */
    public function caption(): string;

    /** How many times smaller than the home it is drawn; null: it is no drawing. */
    public function scale(): ?int;

    public function extent(): Extent;

    /** @return string SVG with its anchor at a place of the sheet, mm from the top left */
    public function draw(float $x, float $y): string;
}
