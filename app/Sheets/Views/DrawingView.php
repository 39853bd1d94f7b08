<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\Svg;
use App\Sheets\PlotScale;
use App\Sheets\SheetStyle;
use Heurema\Geometry\Point;
use Heurema\Spatial\Home;

/** A view that is drawn true to scale. */
abstract readonly class DrawingView implements SheetView
{
    public function __construct(protected Home $home, protected int $scale) {}

    public function caption(): string
    {
        return "{$this->title()}, ".PlotScale::words($this->scale, $this->home->layout->units);
    }

    public function scale(): int
    {
        return $this->scale;
    }

    public function draw(float $x, float $y): string
    {
        $anchor = $this->anchor();
        // on paper, what keeps its size on the screen has a size of its own
        $content = str_replace(
            '<g class="pin ',
            '<g transform="scale('.SheetStyle::PIXEL * $this->scale.')" class="pin ',
            $this->content(),
        );

        return Svg::element('g', ['class' => "at-{$this->scale}", 'role' => 'img', 'aria-label' => $this->description()], Svg::element(
            'g',
            [
                'class' => $this->style(),
                'transform' => 'translate('.round($x - $anchor->x / $this->scale, 4).' '.round($y + $anchor->y / $this->scale, 4)
                    .') scale('.round(1 / $this->scale, 8).')',
            ],
            $content,
        ));
    }

    /** What is drawn, without its scale. */
    abstract protected function title(): string;

    /** @return string SVG in mm of the home, upwards negative */
    abstract protected function content(): string;

    /** What of the home lies at the anchor, mm. */
    abstract protected function anchor(): Point;

    /** What is seen, for whoever does not see it. */
    protected function description(): string
    {
        return $this->caption();
    }

    /** The class whose rules it is drawn by. */
    protected function style(): string
    {
        return 'plan';
    }
}
