<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\DimensionStyle;
use App\Drawing\ElevationDrawing;
use App\Drawing\Svg;
use App\Sheets\Extent;
use App\Sheets\PlotScale;
use App\Sheets\SheetStyle;
use Heurema\Drafting\WallElevation;
use Heurema\Geometry\Box;
use Heurema\Spatial\Home;

/** A wall of a room seen from the front; its anchor is the middle. */
final readonly class ElevationView implements SheetView
{
    private ElevationDrawing $drawing;
    private Box $box;

    /** @param string $name of the room, with the letter of the wall */
    public function __construct(private string $name, WallElevation $wall, private Home $home, DimensionStyle $style, private int $scale)
    {
        $this->drawing = new ElevationDrawing($wall, $home, $style, SheetStyle::PIXEL * $scale);
        $this->box = $this->drawing->box();
    }

    public function caption(): string
    {
        return "{$this->name}, ".PlotScale::words($this->scale, $this->home->layout->units);
    }

    public function scale(): int
    {
        return $this->scale;
    }

    public function extent(): Extent
    {
        [$across, $up] = [$this->box->width() / $this->scale / 2, $this->box->height() / $this->scale / 2];

        return new Extent($across, $across, $up, $up);
    }

    public function draw(float $x, float $y): string
    {
        $middle = $this->box->middle();
        $drawn = str_replace(
            '<g class="pin ',
            '<g transform="scale('.SheetStyle::PIXEL * $this->scale.')" class="pin ',
            $this->drawing->draw(),
        );

        return Svg::element('g', [
            'class' => "at-{$this->scale}", 'role' => 'img', 'aria-label' => "Elevation of {$this->caption()}",
        ], Svg::element(
            'g',
            [
                'class' => 'plan',
                'transform' => 'translate('.round($x - $middle->x / $this->scale, 4).' '.round($y + $middle->y / $this->scale, 4)
                    .') scale('.round(1 / $this->scale, 8).')',
            ],
            $drawn,
        ));
    }
}
