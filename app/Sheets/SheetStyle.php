<?php

declare(strict_types=1);

namespace App\Sheets;

/** How a plan looks on white paper: line widths in mm of paper, whatever the scale. */
final class SheetStyle
{
    private const INK = '#1b2638';
    private const SOFT = '#515c70';
    private const FAINT = '#8a90a0';

    /**
     * `paper(0.18)` is a width in mm of paper inside the plan, which is drawn in mm of the home; `pinned(0.3)` one inside what
     * is drawn in pixels.
     *
     * @param float $pixel how large a pixel of the screen's drawing is on paper, mm
     */
    public static function css(int $scale, float $pixel): string
    {
        $css = self::written();
        $css = (string) preg_replace_callback('/paper\(([\d.]+)\)/', static fn(array $found): string => (string) round((float) $found[1] * $scale, 3), $css);

        return (string) preg_replace_callback('/pinned\(([\d.]+)\)/', static fn(array $found): string => (string) round((float) $found[1] / $pixel, 3), $css);
    }

    private static function written(): string
    {
        [$ink, $soft, $faint] = [self::INK, self::SOFT, self::FAINT];

        return <<<CSS
            .sheet { fill: #fff; }
            path, circle { fill: none; }
            text { font-family: "IBM Plex Sans", sans-serif; font-size: 12px; font-weight: 500; fill: {$ink}; text-anchor: middle; }
            .plan text { paint-order: stroke; stroke: #fff; stroke-width: 3px; stroke-linejoin: round; }
            .frame-line { fill: none; stroke: {$ink}; stroke-width: .35px; }
            .room { fill: #fff; }
            .wall { fill: {$ink}; }
            .low-wall { fill: #fff; stroke: {$ink}; stroke-width: paper(.3); }
            .divider { stroke: {$faint}; stroke-width: paper(.18); stroke-dasharray: paper(1.6) paper(1); }
            .ghost { stroke: {$faint}; stroke-width: paper(.18); stroke-dasharray: paper(.5) paper(1); }
            .cut { fill: #fff; }
            .frame, .threshold { stroke: {$ink}; stroke-width: paper(.18); }
            .beam { stroke: {$soft}; stroke-width: paper(.15); stroke-dasharray: paper(1.2) paper(.8); }
            .leaf { stroke: {$ink}; stroke-width: paper(.35); }
            .swing { stroke: {$faint}; stroke-width: paper(.13); }
            .fixture-outline { fill: #fff; stroke: {$soft}; stroke-width: paper(.18); }
            .fixture-detail { stroke: {$soft}; stroke-width: paper(.13); }
            .overhead .fixture-outline { fill: none; stroke-dasharray: paper(1) paper(.7); }
            .step { fill: #fff; stroke: {$soft}; stroke-width: paper(.15); }
            .step-above { stroke-dasharray: paper(1) paper(1); }
            .nosing { fill: none; stroke: {$soft}; stroke-width: paper(.1); }
            .break-line { fill: none; stroke: {$ink}; stroke-width: paper(.25); }
            .stair-below .step { stroke-dasharray: paper(1) paper(1); }
            .climb { stroke: {$ink}; stroke-width: paper(.2); }
            .climb-start circle { fill: {$ink}; }
            .void { stroke: {$soft}; stroke-width: paper(.25); stroke-dasharray: paper(2.4) paper(.8) paper(.6) paper(.8); }
            .soffit { stroke: {$soft}; stroke-width: paper(.18); stroke-dasharray: paper(2) paper(.8) paper(.5) paper(.8); }
            .guard { stroke: {$ink}; stroke-width: paper(.5); }
            .room-name { font-weight: 600; }
            .room-area { fill: {$soft}; font-weight: 400; }
            .dimension-line { stroke: {$soft}; stroke-width: paper(.15); }
            .tick { stroke: {$ink}; stroke-width: pinned(.3); }
            .witness { color: #bf3019; }
            .witness .dimension-line, .witness .tick { fill: none; stroke: currentColor; stroke-width: pinned(.35); }
            .witness text { fill: currentColor; font-size: 14px; font-weight: 600; stroke: #fff; stroke-width: 4px; stroke-linejoin: round; paint-order: stroke; }
            .witness .required { fill: none; stroke: currentColor; stroke-width: paper(.35); stroke-dasharray: paper(1.4) paper(.9); }
            .witness-outline { fill: #bf3019; fill-opacity: .1; stroke: currentColor; stroke-width: paper(.4); stroke-dasharray: paper(1.6) paper(.9); }
            .witness-mark circle { fill: none; stroke: currentColor; stroke-width: 2.5px; }
            .item-mark circle { fill: #bf3019; stroke: #fff; stroke-width: 1.5px; }
            .item-mark text { fill: #fff; font-weight: 700; stroke: none; }
            .changed-mark { fill: #9c4f26; fill-opacity: .16; stroke: #9c4f26; stroke-width: paper(.4); }
            .title-block text { font-size: 3px; text-anchor: start; }
            .title-block .title { font-size: 4.2px; font-weight: 600; }
            .title-block .small { fill: {$soft}; font-weight: 400; }
            .title-block .middle { text-anchor: middle; }
            .bar { fill: {$ink}; }
            .bar-line { stroke: {$ink}; stroke-width: .2px; }
            CSS;
    }
}
