<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\SurveyDistance;
use Heurema\Spatial\Home;

/** The distances taped on a storey, each with how far the drawing is from it. */
final readonly class SurveyDrawing
{
    public function __construct(private Home $home, private string $storey) {}

    public function draw(): string
    {
        $here = array_filter($this->home->layout->survey, fn(SurveyDistance $distance): bool => $distance->storey === $this->storey);

        return Svg::element('g', ['class' => 'layer-survey'], implode('', array_map($this->distance(...), $here)));
    }

    private function distance(SurveyDistance $distance): string
    {
        if ($distance->height !== null) {
            return Svg::element('g', ['class' => 'taped', 'data-subject' => $distance->id], Svg::pinned(
                $distance->from,
                'taped-height',
                Svg::element('text', ['y' => 30], Svg::text("{$distance->height->value} taped {$this->home->length($distance->measured)}")),
            ));
        }
        $drawn = new Segment($distance->from, $distance->to);
        $difference = $distance->measured - $drawn->length();
        $below = abs($difference) < Tolerance::TOUCH
            ? 'as drawn'
            : ($difference > 0 ? '+' : '−').$this->home->length(abs($difference)).' to the drawing';

        return Svg::element(
            'g',
            ['class' => 'taped', 'data-subject' => $distance->id],
            (new DimensionLine($drawn, 'taped '.$this->home->length($distance->measured), $below))->draw(),
        );
    }
}
