<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Spatial\PlacedOpening;

/** A roof window as it is seen from below: its outline, and two lines from its upper corners that meet in the middle of its lower edge. */
final readonly class RoofWindowSymbol
{
    public function __construct(private PlacedOpening $window) {}

    public function draw(): string
    {
        $outline = $this->window->roof?->outline();
        $edge = [$this->window->wall->from, $this->window->wall->to];
        $lines = $outline === null
            ? [Svg::element('path', ['class' => 'frame', 'd' => Svg::line($edge)])]
            : [
                Svg::element('path', ['class' => 'frame', 'd' => Svg::path($outline)]),
                Svg::element('path', [
                    'class' => 'swing',
                    'd' => Svg::line([$outline->points[3], $this->window->middle(), $outline->points[2]]),
                ]),
            ];

        return Svg::element('g', ['class' => 'opening roof-window', 'data-subject' => $this->window->id()], implode('', $lines));
    }
}
