<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\DimensionStyle;
use App\Drawing\UprightDrawing;
use App\Sheets\Extent;
use App\Sheets\SheetStyle;
use Heurema\Drafting\UprightView;
use Heurema\Geometry\Point;

/** A face or a section of a home; its anchor is the middle. */
final readonly class UprightSheetView extends DrawingView
{
    private UprightDrawing $drawing;

    public function __construct(private string $name, UprightView $view, DimensionStyle $style, int $scale)
    {
        parent::__construct($view->home, $scale);
        $this->drawing = new UprightDrawing($view, $style, SheetStyle::PIXEL * $scale);
    }

    public function extent(): Extent
    {
        $box = $this->drawing->box();

        return Extent::around($box->width() / $this->scale, $box->height() / $this->scale);
    }

    protected function title(): string
    {
        return $this->name;
    }

    protected function content(): string
    {
        return $this->drawing->draw();
    }

    protected function anchor(): Point
    {
        return $this->drawing->box()->middle();
    }
}
