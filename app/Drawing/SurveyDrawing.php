<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Drafting\Dimension;
use Heurema\Geometry\Box;
use Heurema\Geometry\Point;
use Heurema\Geometry\Segment;
use Heurema\Geometry\Tolerance;
use Heurema\Layout\TapedDistance;
use Heurema\Spatial\Home;

/** The distances taped on a storey, each with how far the drawing is from it. */
final readonly class SurveyDrawing
{
    /** How far from the place of a height its text may stand, px, the nearest that is free; from where on a line leads to it. */
    private const AWAY = [26.0, 44.0, 62.0, 84.0, 110.0, 140.0, 180.0, 230.0, 290.0];
    private const FAR = 62.0;

    /** Which way, degrees on the sheet: below, above, aside. */
    private const WAYS = [270.0, 90.0, 315.0, 225.0, 45.0, 135.0, 0.0, 180.0, 292.5, 247.5, 67.5, 112.5];

    /** From the middle of a text up to the line that it stands on, px. */
    private const MIDDLE = 4.0;

    /** @param float $scale mm under a pixel */
    public function __construct(private Home $home, private string $storey, private float $scale, private FreePlaces $places) {}

    public function draw(): string
    {
        $here = array_filter($this->home->layout->survey, fn(TapedDistance $distance): bool => $distance->storey === $this->storey);

        return Svg::element('g', ['class' => 'layer-survey'], implode('', array_map($this->distance(...), $here)));
    }

    private function distance(TapedDistance $distance): string
    {
        return Svg::element(
            'g',
            ['class' => 'taped', 'data-subject' => $distance->id],
            $distance->height === null ? $this->length($distance) : $this->height($distance->from, __(':height taped :measured', [
                'height' => $distance->height->words(),
                'measured' => $this->home->length($distance->measured),
            ])),
        );
    }

    private function height(Point $at, string $words): string
    {
        $middles = [];
        foreach (self::AWAY as $away) {
            array_push($middles, ...array_map(
                fn(float $way): Point => $at->plus(Point::towards($way)->times($away * $this->scale)),
                self::WAYS,
            ));
        }
        $texts = array_map(static fn(Point $middle): PlanText => new PlanText($middle, $words, 12.0, self::MIDDLE), $middles);
        $place = $this->places->find(array_map(fn(PlanText $text): Box => $text->box($this->scale), $texts));
        $leader = $at->distanceTo($middles[$place]) > (self::FAR + 1.0) * $this->scale
            ? Svg::element('path', ['class' => 'taped-leader', 'd' => Svg::line([$at, $middles[$place]])])
            : '';

        return $leader.Svg::pinned($middles[$place], 'taped-height', $texts[$place]->element());
    }

    /** With what it differs by from what is drawn. */
    private function length(TapedDistance $distance): string
    {
        $drawn = new Segment($distance->from, $distance->to);
        $difference = $distance->measured - $drawn->length();
        $from = abs($difference) < Tolerance::TOUCH
            ? __('as drawn')
            : ($difference > 0 ? '+' : '−').$this->home->length(abs($difference));
        $words = __('taped :measured (:from)', ['measured' => $this->home->length($distance->measured), 'from' => $from]);

        return (new ChainDrawing($this->scale, static fn(): string => $words, $this->places))->draw([new Dimension($drawn)]);
    }
}
