<?php

declare(strict_types=1);

namespace App\Sheets;

/** How a plan looks on white paper: line widths in mm of paper, whatever the scale. */
final class SheetStyle
{
    /** The colours of the page's palette on white paper. */
    private const COLOURS = [
        '--copper' => '#9c4f26', '--met' => '#1f6f5d', '--violated' => '#bf3019', '--line' => '#d8ccb6',
        '--ink' => '#1b2638', '--ink-soft' => '#515c70', '--ink-faint' => '#8a90a0', '--sheet' => '#fff', '--room' => '#fff',
    ];

    /** What a pixel of a line's width on the page is on paper, mm, and one of a dash's length. */
    private const LINE = 0.18;
    private const DASH = 0.25;

    /** How large a pixel of the screen's drawing is on paper, mm. */
    public const PIXEL = 0.19;

    /**
     * All that a sheet is drawn with, drawings of several scales among it.
     *
     * @param list<int> $scales
     */
    public static function ofSheet(array $scales): string
    {
        $drawn = array_map(static fn(int $scale): string => self::prefixed(self::ofPlan($scale, self::PIXEL), ".at-{$scale}"), $scales);

        return self::coloured(self::ofPaper()).implode('', $drawn);
    }

    /**
     * The lines of the page, and what only paper has, for one drawing.
     *
     * @param float $pixel how large a pixel of the screen's drawing is on paper, mm
     */
    public static function css(int $scale, float $pixel): string
    {
        return self::coloured(self::ofPaper()).self::ofPlan($scale, $pixel);
    }

    /**
     * `line(1.4)` is a width in pixels of the page, `paper(0.18)` one in mm of paper inside the plan, which is drawn in mm of the home;
     * `pinned(0.3)` one inside what is drawn in pixels.
     */
    private static function ofPlan(int $scale, float $pixel): string
    {
        $number = static fn(float $mm): string => (string) round($mm * $scale, 3);
        $css = (string) preg_replace_callback(
            '/line\(([\d.]+)\)/',
            static fn(array $found): string => $number((float) $found[1] * self::LINE),
            self::lines(),
        );
        $css = (string) preg_replace_callback(
            '/dash\(([\d. ]+)\)/',
            static fn(array $found): string => implode(
                ' ',
                array_map(static fn(string $length): string => $number((float) $length * self::DASH), explode(' ', $found[1])),
            ),
            $css,
        );
        $css = (string) preg_replace_callback(
            '/paper\(([\d.]+)\)/',
            static fn(array $found): string => $number((float) $found[1]),
            $css.self::linesOfPaper(),
        );

        return (string) preg_replace_callback(
            '/pinned\(([\d.]+)\)/',
            static fn(array $found): string => (string) round((float) $found[1] / $pixel, 3),
            self::coloured($css),
        );
    }

    private static function coloured(string $css): string
    {
        return strtr($css, self::variables());
    }

    /**
     * A drawing whose style sheet holds within an element alone.
     *
     * @param string $selector of that element
     */
    public static function within(string $svg, string $selector): string
    {
        return (string) preg_replace_callback(
            '~<style>(.*?)</style>~s',
            static fn(array $found): string => '<style>'.self::prefixed($found[1], $selector).'</style>',
            $svg,
        );
    }

    /** Flat rules, each selector behind another. */
    private static function prefixed(string $css, string $selector): string
    {
        return (string) preg_replace_callback(
            '~([^{}]+)\{([^{}]*)\}~',
            static fn(array $found): string => implode(', ', array_map(
                static fn(string $one): string => "{$selector} ".trim($one),
                explode(',', $found[1]),
            ))." {{$found[2]}}\n",
            $css,
        );
    }

    /** What plans are drawn with on the page too. */
    private static function lines(): string
    {
        $lines = array_map(
            static fn(string $file): string => (string) file_get_contents(resource_path("scss/{$file}")),
            ['_lines.scss', '_section.scss', '_elevation.scss', '_upright.scss'],
        );

        return (string) preg_replace('#^//.*\n#m', '', implode('', $lines));
    }

    /** @return array<string, string> */
    private static function variables(): array
    {
        return array_combine(array_map(static fn(string $name): string => "var({$name})", array_keys(self::COLOURS)), self::COLOURS);
    }

    /** What is drawn on paper otherwise than on the page, inside of plans and sections. */
    private static function linesOfPaper(): string
    {
        return <<<CSS
            .plan text { paint-order: stroke; stroke: #fff; stroke-width: 3px; stroke-linejoin: round; }
            .section text { font-size: paper(2.6); }
            .dimension-line { fill: none; stroke: var(--ink-soft); stroke-width: paper(.15); }
            .dimension-leading { fill: none; stroke: var(--ink-soft); stroke-width: paper(.13); }
            .dimension-hold { fill: none; stroke: none; }
            .tick { fill: none; stroke: var(--ink); stroke-width: pinned(.3); }
            .end { fill: var(--ink); stroke: none; }
            circle.origin { fill: #fff; stroke: var(--ink); stroke-width: pinned(.3); }
            .text-small text { font-size: 10px; }
            .text-large text { font-size: 15px; }
            .witness { color: #bf3019; }
            .witness .dimension-line { fill: none; stroke: currentColor; stroke-width: pinned(.35); }
            .witness .tick { fill: none; stroke: currentColor; stroke-width: pinned(.35); }
            .witness text {
                fill: currentColor; font-size: 14px; font-weight: 600;
                stroke: #fff; stroke-width: 4px; stroke-linejoin: round; paint-order: stroke;
            }
            .witness .figure-leader { fill: none; stroke: currentColor; stroke-width: pinned(.2); }
            .witness-mark circle { fill: none; stroke: currentColor; stroke-width: 2.5px; }
            .item-mark circle { fill: #bf3019; stroke: #fff; stroke-width: 1.5px; }
            .item-mark text { fill: #fff; font-weight: 700; stroke: none; }
            .changed-mark { fill: #9c4f26; fill-opacity: .16; stroke: #9c4f26; stroke-width: paper(.4); }
            .revision-cloud { fill: none; stroke: #9c4f26; stroke-width: paper(.35); }

            CSS;
    }

    private static function ofPaper(): string
    {
        return <<<CSS
            .sheet { fill: #fff; }
            path, circle { fill: none; }
            text { font-family: "IBM Plex Sans", sans-serif; font-size: 12px; font-weight: 500; fill: var(--ink); text-anchor: middle; }
            .frame-line { fill: none; stroke: var(--ink); stroke-width: .35px; }
            .title-block text { font-size: 3px; text-anchor: start; }
            .title-block .title { font-size: 4.2px; font-weight: 600; }
            .title-block .small { fill: var(--ink-soft); font-weight: 400; }
            .title-block .middle { text-anchor: middle; }
            .caption { font-size: 3.4px; font-weight: 600; }
            .list-title { font-size: 3.4px; font-weight: 600; text-anchor: start; }
            .list-head { fill: var(--ink-soft); font-size: 2.6px; font-weight: 600; text-anchor: start; }
            .list-cell { font-size: 2.6px; font-weight: 400; text-anchor: start; }
            .bar { fill: var(--ink); }
            .bar-line { fill: none; stroke: var(--ink); stroke-width: .2px; }

            CSS;
    }
}
