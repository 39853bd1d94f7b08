<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\DimensionStyle;
use App\Drawing\LabelPlace;
use App\Drawing\PlanDrawing;
use App\Drawing\Svg;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** One storey on one sheet of paper, true to scale, with a title block, a scale bar and a north arrow. Millimetres of paper. */
final readonly class PlanSheet
{
    private const BORDER = PlanPlace::BORDER;
    private const TITLE = PlanPlace::TITLE;

    /** How large a pixel of the screen's drawing is on paper, mm. */
    private const PIXEL = 0.19;

    /** @param TitleBlock $title what is written below the plan */
    public function __construct(
        private Home $home,
        private StoreyPlan $plan,
        private Paper $paper,
        private int $scale,
        private TitleBlock $title,
        private DimensionStyle $style,
    ) {}

    /**
     * The largest usual scale at which the plan fits.
     *
     * @throws DoesNotFit when none does
     */
    public static function fitting(Home $home, Paper $paper, DimensionStyle $style): int
    {
        foreach (array_keys(PlotScale::choices($home->layout->units)) as $scale) {
            if (PlanPlace::of($home->layout, $paper, $scale, $style) !== null) {
                return $scale;
            }
        }

        throw new DoesNotFit("The home is too large for {$paper->value} at any usual scale.");
    }

    /** @throws DoesNotFit */
    public function svg(): string
    {
        $place = PlanPlace::of($this->home->layout, $this->paper, $this->scale, $this->style);
        if ($place === null) {
            $fitting = self::fitting($this->home, $this->paper, $this->style);

            throw new DoesNotFit(
                'The plan does not fit on '.$this->paper->value.' at '.PlotScale::words($this->scale, $this->home->layout->units)
                    .'; it does at '.PlotScale::words($fitting, $this->home->layout->units).'.',
            );
        }
        [$width, $height] = [$this->paper->width(), $this->paper->height()];
        $frame = Svg::element(
            'rect',
            [
                'class' => 'frame-line', 'x' => self::BORDER, 'y' => self::BORDER, 'width' => $width - 2 * self::BORDER,
                'height' => $height - 2 * self::BORDER,
            ],
        );

        return Svg::element(
            'svg',
            [
                'xmlns' => 'http://www.w3.org/2000/svg',
                'width' => "{$width}mm",
                'height' => "{$height}mm",
                'viewBox' => "0 0 {$width} {$height}",
            ],
            Svg::element('title', [], Svg::text($this->title->heading()))
            .Svg::element('style', [], SheetStyle::css($this->scale, self::PIXEL))
            .Svg::element('rect', ['class' => 'sheet', 'width' => $width, 'height' => $height])
            .$this->drawing($place).$frame
            .$this->title->draw(
                self::BORDER,
                $height - self::BORDER - self::TITLE,
                $width - 2 * self::BORDER,
                self::TITLE,
                $this->scale,
                $this->home->layout,
            ),
        );
    }

    private function drawing(PlanPlace $place): string
    {
        $labels = new LabelPlace($this->home, self::PIXEL * $this->scale, $this->style);
        $layers = (new PlanDrawing($this->home, $this->plan, $labels, $this->style))->layers();
        // on paper, what keeps its size on the screen has a size of its own
        $pinned = str_replace('<g class="pin ', '<g transform="scale('.self::PIXEL * $this->scale.')" class="pin ', $layers);

        return Svg::element(
            'g',
            [
                'class' => 'plan',
                'transform' => 'translate('.round($place->x, 4).' '.round($place->y, 4).') scale('.round(1 / $this->scale, 8).')',
            ],
            $pinned,
        );
    }
}
