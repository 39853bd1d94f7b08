<?php

declare(strict_types=1);

namespace App\Drawing;

use Heurema\Geometry\Segment;

/** A dimension: a line between two ticks with its text beside the middle, readable from the bottom or the right. */
final readonly class DimensionLine
{
    /** @param int $level where the text stands, px below the line */
    public function __construct(private Segment $segment, private string $text, private string $below = '', private int $level = -6) {}

    public function draw(): string
    {
        $vector = $this->segment->vector();
        $angle = $this->segment->length() > 0 ? rad2deg(atan2(-$vector->y, $vector->x)) : 0.0;
        $upright = $angle > 89.999 ? $angle - 180 : ($angle < -90.001 ? $angle + 180 : $angle);
        $tick = Svg::element('path', ['d' => 'M-5 5L5 -5', 'class' => 'tick', 'transform' => 'rotate('.Svg::number($angle).')']);
        $text = Svg::element('text', ['y' => $this->level], Svg::text($this->text));
        $below = $this->below === '' ? '' : Svg::element('text', ['y' => 20, 'class' => 'dimension-below'], Svg::text($this->below));
        $texts = Svg::element('g', ['transform' => 'rotate('.Svg::number($upright).')'], $text.$below);

        return Svg::element('g', ['class' => 'dimension'], Svg::element('path', ['class' => 'dimension-line', 'd' => Svg::line([$this->segment->from, $this->segment->to])])
            .Svg::pinned($this->segment->from, '', $tick)
            .Svg::pinned($this->segment->to, '', $tick)
            .Svg::pinned($this->segment->middle(), 'dimension-text', $texts));
    }
}
