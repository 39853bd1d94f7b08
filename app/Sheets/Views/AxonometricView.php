<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\AxonometricDrawing;
use App\Sheets\Extent;
use App\Sheets\SheetStyle;
use Heurema\Geometry\Point;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** A storey from above and aside; its anchor is the middle. Its lengths are shortened: no scale is said. */
final readonly class AxonometricView extends DrawingView
{
    private AxonometricDrawing $drawing;

    public function __construct(Home $home, private StoreyPlan $plan, int $scale)
    {
        parent::__construct($home, $scale);
        $this->drawing = new AxonometricDrawing($home, $plan, SheetStyle::PIXEL * $scale);
    }

    public function caption(): string
    {
        return $this->title();
    }

    public function extent(): Extent
    {
        $box = $this->drawing->box();

        return Extent::around($box->width() / $this->scale, $box->height() / $this->scale);
    }

    protected function title(): string
    {
        return __(':name in the round, walls cut, not to scale', ['name' => $this->plan->storey->name]);
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
