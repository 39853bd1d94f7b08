<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\SectionDrawing;
use App\Drawing\Svg;
use App\Sheets\Extent;
use App\Sheets\PlotScale;
use Heurema\Drafting\StairSection;
use Heurema\Geometry\Box;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;

/** The section along a stair; its anchor is the middle. */
final readonly class SectionView implements SheetView
{
    /** Room for the height that is written at the right, mm of paper. */
    private const FIGURE = 18.0;

    private SectionDrawing $drawing;
    private Box $box;

    public function __construct(private Home $home, private Climb $climb, private int $scale)
    {
        $this->drawing = new SectionDrawing(StairSection::of($climb, $home), $home, null);
        $this->box = $this->drawing->box();
    }

    public function caption(): string
    {
        return "Section along {$this->climb->stair->name()}, ".PlotScale::words($this->scale, $this->home->layout->units);
    }

    public function scale(): int
    {
        return $this->scale;
    }

    public function extent(): Extent
    {
        [$across, $up] = [$this->box->width() / $this->scale / 2, $this->box->height() / $this->scale / 2];

        return new Extent($across, $across + self::FIGURE, $up, $up);
    }

    public function draw(float $x, float $y): string
    {
        $middle = $this->box->middle();

        return Svg::element('g', ['class' => "at-{$this->scale}", 'role' => 'img', 'aria-label' => $this->caption()], Svg::element(
            'g',
            [
                'class' => 'section',
                'transform' => 'translate('.round($x - $middle->x / $this->scale, 4).' '.round($y + $middle->y / $this->scale, 4)
                    .') scale('.round(1 / $this->scale, 8).')',
            ],
            $this->drawing->content(),
        ));
    }
}
