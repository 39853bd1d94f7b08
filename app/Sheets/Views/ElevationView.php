<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\DimensionStyle;
use App\Drawing\ElevationDrawing;
use App\Sheets\Extent;
use App\Sheets\SheetStyle;
use Heurema\Drafting\WallElevation;
use Heurema\Geometry\Point;
use Heurema\Spatial\Home;

/** A wall of a room seen from the front; its anchor is the middle. */
final readonly class ElevationView extends DrawingView
{
    private ElevationDrawing $drawing;

    /**
     * @param string                $name  of the room, with the letter of the wall
     * @param array<string> $marks of openings and fixtures, by id
     */
    public function __construct(
        private string $name,
        WallElevation $wall,
        Home $home,
        DimensionStyle $style,
        int $scale,
        array $marks,
    ) {
        parent::__construct($home, $scale);
        $this->drawing = new ElevationDrawing($wall, $home, $style, SheetStyle::PIXEL * $scale, $marks);
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

    protected function description(): string
    {
        return __('Elevation of :caption', ['caption' => $this->caption()]);
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
