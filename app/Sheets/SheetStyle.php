<?php

declare(strict_types=1);

namespace App\Sheets;

/** How a plan looks on white paper: line widths in mm of paper, whatever the scale. */
final class SheetStyle
{
    private const INK = '#1b2638';
    private const SOFT = '#515c70';
    private const FAINT = '#8a90a0';

    public static function css(): string
    {
        [$ink, $soft, $faint] = [self::INK, self::SOFT, self::FAINT];

        return <<<CSS
            .sheet { fill: #fff; }
            path, circle { fill: none; vector-effect: non-scaling-stroke; }
            text { font-family: "IBM Plex Sans", sans-serif; font-size: 12px; font-weight: 500; fill: {$ink}; text-anchor: middle; }
            .plan text { paint-order: stroke; stroke: #fff; stroke-width: 3px; stroke-linejoin: round; }
            .frame-line { fill: none; stroke: {$ink}; stroke-width: .35px; }
            .room { fill: #fff; }
            .wall { fill: {$ink}; }
            .low-wall { fill: #fff; stroke: {$ink}; stroke-width: .3px; }
            .divider { stroke: {$faint}; stroke-width: .18px; stroke-dasharray: 1.6 1; }
            .ghost { stroke: {$faint}; stroke-width: .18px; stroke-dasharray: .5 1; }
            .cut { fill: #fff; }
            .frame, .threshold { stroke: {$ink}; stroke-width: .18px; }
            .beam { stroke: {$soft}; stroke-width: .15px; stroke-dasharray: 1.2 .8; }
            .leaf { stroke: {$ink}; stroke-width: .35px; }
            .swing { stroke: {$faint}; stroke-width: .13px; }
            .fixture-outline { fill: #fff; stroke: {$soft}; stroke-width: .18px; }
            .fixture-detail { stroke: {$soft}; stroke-width: .13px; }
            .overhead .fixture-outline { fill: none; stroke-dasharray: 1 .7; }
            .step { fill: #fff; stroke: {$soft}; stroke-width: .15px; }
            .stair-below .step { stroke-dasharray: 1 1; }
            .climb { stroke: {$ink}; stroke-width: .2px; }
            .climb-start circle { fill: {$ink}; }
            .void { stroke: {$soft}; stroke-width: .25px; stroke-dasharray: 2.4 .8 .6 .8; }
            .soffit { stroke: {$soft}; stroke-width: .18px; stroke-dasharray: 2 .8 .5 .8; }
            .guard { stroke: {$ink}; stroke-width: .5px; }
            .room-name { font-weight: 600; }
            .room-area { fill: {$soft}; font-weight: 400; }
            .dimension-line { stroke: {$soft}; stroke-width: .15px; }
            .tick { stroke: {$ink}; stroke-width: .3px; }
            .title-block text { font-size: 3px; text-anchor: start; }
            .title-block .title { font-size: 4.2px; font-weight: 600; }
            .title-block .small { fill: {$soft}; font-weight: 400; }
            .title-block .middle { text-anchor: middle; }
            .bar { fill: {$ink}; }
            .bar-line { stroke: {$ink}; stroke-width: .2px; }
            CSS;
    }
}
