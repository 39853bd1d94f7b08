<?php

declare(strict_types=1);

namespace App\Sheets\Views;

use App\Drawing\DimensionStyle;
use App\Drawing\LabelPlace;
use App\Drawing\PlanDimensions;
use App\Drawing\PlanDrawing;
use App\Drawing\PlanLayers;
use App\Drawing\RevisionCloud;
use App\Drawing\Sheet;
use App\Sheets\Extent;
use App\Sheets\SheetStyle;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Spatial\Home;
use Heurema\Spatial\RoomSpace;
use Heurema\Spatial\StoreyPlan;

/** The plan of a storey; its anchor is the middle of the building. */
final readonly class PlanView extends DrawingView
{
    /** Around what lies outside the building, where the way up is written, mm of paper. */
    private const CLEAR = 5.0;

    /** Walls are half as thick outside of their lines, mm. */
    private const OUTER_WALL = 300.0;

    /** Of a figure over the line of its dimension, and of one that stands beyond the end of running ones, mm of paper. */
    private const FIGURES = 4.4;
    private const RUNNING_FIGURES = 18.0;

    /** Around the walls, and more for marks that stand there, mm of paper. */
    private const AROUND = 4.0;
    private const MARKS = 3.0;

    /** @param list<string> $changed ids of the elements that clouds are drawn around */
    public function __construct(
        Home $home,
        private StoreyPlan $plan,
        private DimensionStyle $style,
        private PlanLayers $layers,
        int $scale,
        private array $changed = [],
    ) {
        parent::__construct($home, $scale);
    }

    public function extent(): Extent
    {
        $sheet = Sheet::of($this->home->layout);
        $building = $sheet->building->grown(self::OUTER_WALL);
        $marked = $this->onPaper($building, self::AROUND + ($this->style->marks() === 'none' ? 0.0 : self::MARKS));
        $drawn = $this->onPaper($this->layers->shows('sections') ? $sheet->setOut : $sheet->drawn, self::CLEAR);
        $placed = $this->onPaper(Box::around([$building->middle(), ...$this->dimensioned()]), $this->figures());
        [$x, $y] = [$building->middle()->x / $this->scale, $building->middle()->y / $this->scale];

        return new Extent(
            $x - min($marked->left, $drawn->left, $placed->left),
            max($marked->right, $drawn->right, $placed->right) - $x,
            max($marked->top, $drawn->top, $placed->top) - $y,
            $y - min($marked->bottom, $drawn->bottom, $placed->bottom),
        );
    }

    protected function title(): string
    {
        return "{$this->plan->storey->name}{$this->layers->suffix()}";
    }

    protected function content(): string
    {
        return (new PlanDrawing($this->home, $this->plan, $this->labels(), $this->style, $this->layers))->layers()
            .($this->changed === [] ? '' : (new RevisionCloud($this->home, $this->plan, $this->changed, $this->scale))->draw());
    }

    protected function anchor(): Point
    {
        return Sheet::of($this->home->layout)->building->middle();
    }

    protected function description(): string
    {
        $labels = $this->labels();
        $rooms = array_map(
            static fn(RoomSpace $room): string => implode(' ', $labels->words($room)),
            array_values($this->plan->rooms),
        );

        return __('Plan of :caption: :rooms', ['caption' => $this->caption(), 'rooms' => implode(', ', $rooms)]);
    }

    private function labels(): LabelPlace
    {
        return new LabelPlace($this->home, SheetStyle::PIXEL * $this->scale, $this->style);
    }

    private function onPaper(Box $box, float $around): Box
    {
        return (new Box(
            $box->left / $this->scale,
            $box->bottom / $this->scale,
            $box->right / $this->scale,
            $box->top / $this->scale,
        ))->grown($around);
    }

    /** @return list<Point> how far dimensions reach; of a home that is turned they lie outside of the room around it */
    private function dimensioned(): array
    {
        return $this->layers->hasDimensions()
            ? (new PlanDimensions($this->home, $this->plan, $this->style, SheetStyle::PIXEL * $this->scale))->ends()
            : [];
    }

    /** Of figures beyond the ends of dimensions, mm of paper. */
    private function figures(): float
    {
        $figures = $this->style->outside === 'running' ? self::RUNNING_FIGURES : self::FIGURES;

        return $figures * $this->style->look->share();
    }
}
