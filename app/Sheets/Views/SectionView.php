<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\SectionDrawing;
use App\Sheets\Extent;
use Heurema\Drafting\StairSection;
use Heurema\Geometry\Point;
use Heurema\Spatial\Home;
use Heurema\Spatial\Stair\Climb;

/** The section along a stair; its anchor is the middle. */
final readonly class SectionView extends DrawingView
{
    /** Room for the height that is written at the right, mm of paper. */
    private const FIGURE = 18.0;

    private SectionDrawing $drawing;

    public function __construct(Home $home, private Climb $climb, int $scale)
    {
        parent::__construct($home, $scale);
        $this->drawing = new SectionDrawing(StairSection::of($climb, $home), $home, null);
    }

    public function extent(): Extent
    {
        $box = $this->drawing->box();
        $extent = Extent::around($box->width() / $this->scale, $box->height() / $this->scale);

        return new Extent($extent->left, $extent->right + self::FIGURE, $extent->up, $extent->down);
    }

    protected function title(): string
    {
        return __('Section along :stair', ['stair' => $this->climb->stair->name()]);
    }

    protected function content(): string
    {
        return $this->drawing->content();
    }

    protected function anchor(): Point
    {
        return $this->drawing->box()->middle();
    }

    protected function style(): string
    {
        return 'section';
    }
}
