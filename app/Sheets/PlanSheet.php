<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Drawing\DimensionStyle;
use App\Drawing\LabelPlace;
use App\Drawing\PlanDrawing;
use App\Drawing\Sheet;
use App\Drawing\Svg;
use Heurema\Geometry\Box;
use Heurema\Spatial\Home;
use Heurema\Spatial\StoreyPlan;

/** One storey on one sheet of paper, true to scale, with a title block, a scale bar and a north arrow. Millimetres of paper. */
final readonly class PlanSheet
{
    private const BORDER = 10.0;
    private const TITLE = 18.0;

    /** How large a pixel of the screen's drawing is on paper, mm. */
    private const PIXEL = 0.19;

    /** Between what is drawn and the title, mm of paper. */
    private const CLEAR = 4.0;

    private Box $building;

    /** @param TitleBlock $title what is written below the plan */
    public function __construct(
        private Home $home,
        private StoreyPlan $plan,
        private Paper $paper,
        private int $scale,
        private TitleBlock $title,
        private DimensionStyle $style,
    ) {
        $this->building = Sheet::of($home->layout)->building->grown(300.0);
    }

    /**
     * The largest usual scale at which the plan fits.
     *
     * @throws DoesNotFit when none does
     */
    public static function fitting(Home $home, Paper $paper, DimensionStyle $style): int
    {
        $building = Sheet::of($home->layout)->building->grown(300.0);
        foreach (array_keys(PlotScale::choices($home->layout->units)) as $scale) {
            if (self::fits($building, $paper, $scale, $style)) {
                return $scale;
            }
        }

        throw new DoesNotFit("The home is too large for {$paper->value} at any usual scale.");
    }

    /** @throws DoesNotFit */
    public function svg(): string
    {
        if (!self::fits($this->building, $this->paper, $this->scale, $this->style)) {
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
            .$this->drawing().$frame
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

    private static function fits(Box $building, Paper $paper, int $scale, DimensionStyle $style): bool
    {
        $around = 2 * self::around($style);

        return $building->width() / $scale + $around <= $paper->width() - 2 * self::BORDER
            && $building->height() / $scale + $around <= $paper->height() - 2 * self::BORDER - self::TITLE;
    }

    /** Room for dimensions around the plan, mm of paper. */
    private static function around(DimensionStyle $style): float
    {
        return match ($style->outside) {
            'none' => 4.0,
            'overall' => 11.0,
            'chain' => 17.0,
            default => 42.0,
        };
    }

    /** How far the plan goes up, mm of paper, so that steps and ramps before the building keep clear of the title. */
    private function lift(float $y): float
    {
        $drawn = Sheet::of($this->home->layout)->drawn;
        $below = $y - $drawn->bottom / $this->scale - ($this->paper->height() - self::BORDER - self::TITLE - self::CLEAR);
        $above = $y - $this->building->top / $this->scale - self::around($this->style) - self::BORDER;

        return max(0.0, min($below, $above));
    }

    private function drawing(): string
    {
        $labels = new LabelPlace($this->home, self::PIXEL * $this->scale, $this->style);
        $layers = (new PlanDrawing($this->home, $this->plan, $labels, $this->style))->layers();
        // on paper, what keeps its size on the screen has a size of its own
        $pinned = str_replace('<g class="pin ', '<g transform="scale('.self::PIXEL * $this->scale.')" class="pin ', $layers);
        $middle = $this->building->middle();
        $x = $this->paper->width() / 2 - $middle->x / $this->scale;
        $y = ($this->paper->height() - self::TITLE) / 2 + $middle->y / $this->scale;
        $y -= $this->lift($y);

        return Svg::element(
            'g',
            ['class' => 'plan', 'transform' => 'translate('.round($x, 4).' '.round($y, 4).') scale('.round(1 / $this->scale, 8).')'],
            $pinned,
        );
    }
}
