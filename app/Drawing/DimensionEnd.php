<?php

declare(strict_types=1);

namespace App\Drawing;

/** What a dimension's line ends in: a tick across it, a dot, or an arrow, from outside where there is no room between them. */
final readonly class DimensionEnd
{
    /** Between two arrows there is so much room at least, px. */
    public const SHORT = 26.0;

    public function __construct(public DimensionLook $look = new DimensionLook(), private bool $isFromOutside = false) {}

    /**
     * @param float $angle degrees clockwise on the page from the right: the way the line leads at its end
     * @param bool  $isFirst the end that the line leads away from
     */
    public function draw(float $angle, bool $isFirst): string
    {
        $turned = ['transform' => 'rotate('.Svg::number($angle + ($isFirst === $this->isFromOutside ? 0.0 : 180.0)).')'];

        return match ($this->look->ends) {
            'dots' => Svg::element('circle', ['class' => 'end', 'r' => 2.6]),
            'arrows' => Svg::element('path', ['class' => 'end', 'd' => 'M0 0L-9 -3V3Z', ...$turned]),
            default => Svg::element('path', ['d' => 'M-5 5L5 -5', 'class' => 'tick', 'transform' => 'rotate('.Svg::number($angle).')']),
        };
    }
}
